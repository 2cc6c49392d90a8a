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
import { liveWords } from '@drubo/words/screens/live';

const words = liveWords.liveHeader;

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
  const said = startedAt === null ? words.fromPaper : left >= 0 ? words.minLeft(left) : words.minOver(-left);
  return (
    <Row style={styles.row}>
      <IconButton icon="close" says={words.leaveTheSessionGoes} onPress={() => goBack(router, '/')} />
      <View style={styles.name}>
        <Heading level={1} numberOfLines={1}>
          {name}
        </Heading>
        <Txt kind="small" tone={left < 0 ? 'saffron' : 'quiet'} numberOfLines={2}>
          {said}
        </Txt>
      </View>
      <QueueMark isShort />
      <IconButton icon="back" says={words.theExerciseBefore} disabled={at === 0} onPress={() => onStep(-1)} />
      <Txt kind="label" aria-live="polite">
        {count === 0 ? '–' : words.of(at + 1, count)}
      </Txt>
      <IconButton icon="forward" says={words.theNextExercise} disabled={at >= count - 1} onPress={() => onStep(1)} />
      <IconButton icon="more" says={words.moreWarningSignsFinish} onPress={onMore} />
    </Row>
  );
};

const styles = StyleSheet.create({
  row: { minHeight: 60 },
  name: { flexGrow: 1, flexShrink: 1, flexBasis: 0, paddingLeft: SPACE.xs },
});
