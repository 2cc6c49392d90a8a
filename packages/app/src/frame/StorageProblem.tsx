import { StyleSheet, View } from 'react-native';
import { useQueueProblem } from '../data/offline/QueueProvider';
import { SPACE } from '../theme/tokens';
import { usePalette } from '../theme/use-palette';
import { Txt } from '../ui/Txt';
import { frameWords } from '@drubo/words/screens/frame';

const words = frameWords.storageProblem;

/** Says that this device keeps nothing, so nothing may be logged on it. */
export const StorageProblem = () => {
  const palette = usePalette();
  const problem = useQueueProblem();
  if (problem === null) return null;
  return (
    <View role="alert" style={[styles.strip, { backgroundColor: palette.clayTint }]}>
      <Txt tone="clay">{words.thisBrowserKeepsNothing(problem)}</Txt>
    </View>
  );
};

const styles = StyleSheet.create({ strip: { paddingHorizontal: SPACE.l, paddingVertical: SPACE.s } });
