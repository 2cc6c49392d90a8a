import { useRouter } from 'expo-router';
import { Pressable, StyleSheet } from 'react-native';
import { useCommands } from '../data/offline/QueueProvider';
import { SPACE, TARGET } from '../theme/tokens';
import { usePalette } from '../theme/use-palette';
import { Icon } from '../ui/icons/Icon';
import { Txt } from '../ui/Txt';
import { frameWords } from '@drubo/words/screens/frame';

const said = frameWords.queueMark;

/** A quiet mark saying what waits to be sent and what needs the trainer. Nothing when all is sent. */
export const QueueMark = ({ isShort = false }: { isShort?: boolean }) => {
  const palette = usePalette();
  const router = useRouter();
  const commands = useCommands();
  const waiting = commands.filter((command) => command.state === 'waiting').length;
  const needsYou = commands.filter((command) => command.state === 'needs-you').length;
  if (waiting + needsYou === 0) return null;
  const words = [waiting > 0 && said.toSend(waiting), needsYou > 0 && said.needsYou(needsYou)].filter(Boolean).join(', ');
  return (
    <Pressable role="link" aria-label={words} onPress={() => router.push('/waiting')} style={styles.mark}>
      <Icon name={needsYou > 0 ? 'warning' : 'waiting'} size={18} color={needsYou > 0 ? palette.clay : palette.saffron} />
      <Txt kind="small" tone={needsYou > 0 ? 'clay' : 'saffron'}>
        {isShort ? waiting + needsYou : words}
      </Txt>
    </Pressable>
  );
};

const styles = StyleSheet.create({
  mark: {
    flexDirection: 'row',
    gap: SPACE.xs,
    alignItems: 'center',
    justifyContent: 'center',
    minHeight: TARGET.usual,
    minWidth: TARGET.usual,
    paddingHorizontal: SPACE.s,
  },
});
