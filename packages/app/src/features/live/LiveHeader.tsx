import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { SPACE } from '../../theme/tokens';
import { minutesBetween } from '../../ui/days';
import { IconButton } from '../../ui/IconButton';
import { Row } from '../../ui/layout';
import { Heading, Txt } from '../../ui/Txt';
import { goBack } from '../../frame/go-back';
import { QueueMark } from '../../frame/QueueMark';
import { useNow } from './use-now';

/** Whose session, which exercise of how many, minutes left, and what waits to be sent. */
export const LiveHeader = ({
  name,
  startedAt,
  budgetMinutes,
  at,
  count,
  onStep,
  onMore,
}: {
  name: string;
  /** Null: nobody times it. */
  startedAt: string | null;
  budgetMinutes: number;
  at: number;
  count: number;
  onStep(by: 1 | -1): void;
  onMore(): void;
}) => {
  const router = useRouter();
  const now = new Date(useNow()).toISOString();
  const left = budgetMinutes - (startedAt === null ? 0 : minutesBetween(startedAt, now));
  const said = startedAt === null ? 'from paper' : left >= 0 ? `${left} min left` : `${-left} min over`;
  return (
    <Row style={styles.row}>
      <IconButton icon="close" says="Leave; the session goes on" onPress={() => goBack(router, '/')} />
      <View style={styles.name}>
        <Heading level={1} numberOfLines={1}>
          {name}
        </Heading>
        <Txt kind="small" tone={left < 0 ? 'saffron' : 'quiet'} numberOfLines={1}>
          {said}
        </Txt>
      </View>
      <QueueMark isShort />
      <IconButton icon="back" says="The exercise before" disabled={at === 0} onPress={() => onStep(-1)} />
      <Txt kind="label" aria-live="polite">
        {count === 0 ? '–' : `${at + 1} of ${count}`}
      </Txt>
      <IconButton icon="forward" says="The next exercise" disabled={at >= count - 1} onPress={() => onStep(1)} />
      <IconButton icon="more" says="More: warning signs, finish, note, add, how the set ended" onPress={onMore} />
    </Row>
  );
};

const styles = StyleSheet.create({
  row: { minHeight: 52 },
  name: { flexGrow: 1, flexShrink: 1, flexBasis: 0, paddingLeft: SPACE.xs },
});
