import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { SPACE } from '../../theme/tokens';
import { minutesBetween } from '../../ui/days';
import { IconButton } from '../../ui/IconButton';
import { Heading, Txt } from '../../ui/Txt';
import { goBack } from '../shell/go-back';
import { QueueMark } from '../shell/QueueMark';
import { useNow } from './use-now';

/** Whose session, which exercise of how many, minutes left, and what waits to be sent. */
export const LiveHeader = ({
  name,
  startedAt,
  budgetMinutes,
  at,
  count,
  onStep,
}: {
  name: string;
  startedAt: string;
  budgetMinutes: number;
  at: number;
  count: number;
  onStep(by: 1 | -1): void;
}) => {
  const router = useRouter();
  const gone = minutesBetween(startedAt, new Date(useNow()).toISOString());
  const left = budgetMinutes - gone;
  return (
    <View style={styles.row}>
      <IconButton icon="close" says="Leave; the session goes on" onPress={() => goBack(router, '/')} />
      <View style={styles.name}>
        <Heading level={1} numberOfLines={1}>
          {name}
        </Heading>
        <Txt kind="small" tone={left < 0 ? 'saffron' : 'quiet'} numberOfLines={1}>
          {left >= 0 ? `${left} min left` : `${-left} min over`}
        </Txt>
      </View>
      <QueueMark />
      <IconButton icon="back" says="The exercise before" disabled={at === 0} onPress={() => onStep(-1)} />
      <Txt kind="label" aria-live="polite">
        {at + 1} of {count}
      </Txt>
      <IconButton icon="forward" says="The next exercise" disabled={at === count - 1} onPress={() => onStep(1)} />
    </View>
  );
};

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', minHeight: 52 },
  name: { flexGrow: 1, flexShrink: 1, flexBasis: 0, paddingLeft: SPACE.xs },
});
