import { StyleSheet } from 'react-native';
import { setsOf } from '@drubo/core/live';
import { RADIUS, SPACE } from '../../theme/tokens';
import { usePalette } from '../../theme/use-palette';
import { Button } from '../../ui/Button';
import { Row } from '../../ui/layout';
import { Txt } from '../../ui/Txt';
import { useExplain } from '../../ui/Why';
import { WhyLoad } from '../../parts/sheet/WhyLoad';
import type { Live } from './use-live';
import type { Exercise } from './floor';
import { liveWords } from '@drubo/words/screens/live';

const words = liveWords.adviceLine;

const EDGE = { stop: 'clay', change: 'saffron', cue: 'saffron', go: 'hairline' } as const;
/** What kind of advice it is, told by a word as well as by the edge. */
const WORD = { stop: words.stop, change: words.change, cue: words.cue, go: words.next } as const;
/** Sentences read at a glance; the rest stands behind the why. */
const SHOWN = 2;
/** Codes that are sums behind a sentence, not something to say on the floor. */
const BEHIND = new Set<string>([
  'strength-estimate',
  'load-kept',
  'load-up',
  'load-down',
  'load-first',
  'load-searched-same',
  'load-open-ended',
  'load-kept-beyond',
]);

/** The one line after a set: what to do now, with why, and a way to leave the exercise where that is the advice. */
export const AdviceLine = ({ live, exercise }: { live: Pick<Live, 'advice' | 'fewerSets' | 'leave'>; exercise: Exercise }) => {
  const palette = usePalette();
  const explainAll = useExplain();
  const { advice } = live;
  if (!advice || advice.reasons.length === 0) return null;
  const { because, setsTo } = advice;
  const said = advice.reasons.filter(({ code }) => !BEHIND.has(code)).slice(0, SHOWN);
  const text = explainAll(said.length > 0 ? said : advice.reasons.slice(0, 1))
    .map((explanation) => explanation.text)
    .join(' ');
  return (
    <Row role="status" style={[styles.line, { borderColor: palette[EDGE[advice.kind]], backgroundColor: palette.card }]}>
      <Txt style={styles.text} numberOfLines={3}>
        <Txt kind="bold">{WORD[advice.kind]}: </Txt>
        {text}
      </Txt>
      <WhyLoad variation={exercise.variation} item={exercise.item} reasons={advice.reasons} />
      {setsTo !== undefined && exercise.isOpen && setsOf(exercise) > setsTo && (
        <Button
          label={words.setCount(setsTo)}
          says={words.onlySetOfThis(setsTo)}
          onPress={() => void live.fewerSets(exercise, setsTo)}
        />
      )}
      {because && exercise.isOpen && (
        <Button
          look="danger"
          label={words.leaveIt}
          says={words.leaveThisExerciseFor}
          onPress={() => void live.leave(exercise, because)}
        />
      )}
    </Row>
  );
};

const styles = StyleSheet.create({
  line: { borderWidth: 1, borderRadius: RADIUS, paddingLeft: SPACE.m },
  text: { flexGrow: 1, flexShrink: 1, flexBasis: 0, paddingVertical: SPACE.xs },
});
