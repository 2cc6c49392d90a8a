import { StyleSheet, View } from 'react-native';
import type { SetRecordDto } from '@drubo/contracts';
import { schoolCues } from '@drubo/core';
import { painAdvice } from '@drubo/core/judging';
import type { Schools } from '@drubo/core/vocabulary';
import { formatLoad, SIDE_LABELS } from '@drubo/core/explain';
import { RADIUS, SPACE } from '../../theme/tokens';
import { usePalette } from '../../theme/use-palette';
import { Txt } from '../../ui/Txt';
import { useExplain, WhyDot } from '../../ui/Why';
import { lastTimeLine } from '../sheet/last-time';
import { useStudio } from '../shell/StudioContext';
import { lastLogged } from './progress';
import type { Exercise } from './progress';
import { rampLine } from './ramp-line';
import { setName } from './set-name';
import { RestStrip } from './RestStrip';
import type { Live } from './use-live';

/** What was just logged, in words. */
const wordsOf = (set: SetRecordDto, name: string | null): string =>
  [
    `${name ? `${name}, ` : ''}${setName(set)}${set.side === 'both' ? '' : ` ${SIDE_LABELS[set.side]}`}`,
    set.seconds === null ? `${set.reps ?? '–'} reps` : `${set.seconds} s`,
    set.reserve === null ? null : `${set.reserve} in reserve`,
    formatLoad(set),
  ]
    .filter(Boolean)
    .join(' · ');

/** One strip: what the pain just entered asks for; else the rest running down; else last time. */
export const InfoStrip = ({
  live,
  exercise,
  sets,
  schools,
}: {
  live: Live;
  exercise: Exercise;
  sets: readonly SetRecordDto[];
  schools: Schools;
}) => {
  const palette = usePalette();
  const explainAll = useExplain();
  const { unit } = useStudio();
  const advice = painAdvice(live.pad?.jointPain ?? null);
  if (live.problem) {
    return (
      <View role="alert" style={[styles.strip, { borderColor: palette.clay }]}>
        <Txt tone="clay">{live.problem}</Txt>
      </View>
    );
  }
  if (advice) {
    return (
      <View role="alert" style={[styles.strip, styles.row, { borderColor: palette.clay, backgroundColor: palette.clayTint }]}>
        <Txt style={styles.grow}>{explainAll([advice])[0]?.text ?? ''}</Txt>
        <WhyDot about="pain" reasons={[advice]} label="why" />
      </View>
    );
  }
  const last = lastLogged(sets);
  const from = live.exercises.find(({ item }) => item.id === last?.itemId);
  // Nobody rests after the last set of the session, and not while an earlier set is put right.
  const isResting =
    last && from && !live.amended && live.place.skippedRestAfter !== last.id && live.exercises.some(({ isOpen }) => isOpen);
  const restSeconds = from?.inTurn ? from.restSeconds : (live.advice?.restSeconds ?? from?.item.dose.restSeconds ?? 0);
  // Inside a round there is nothing to rest for: the next exercise is due.
  if (isResting && !(from.inTurn && restSeconds === 0)) {
    return (
      <RestStrip
        loggedAt={last.loggedAt}
        restSeconds={restSeconds}
        what={wordsOf(last, from.item.id === exercise.item.id ? null : from.variation.name)}
        onSkip={() => live.skipRest(last.id)}
        onUndo={() => void live.undo(last)}
      />
    );
  }
  // The advice on the first set says more than that it is the first.
  if (live.advice?.reasons.length && !exercise.item.lastTime) return null;
  const { lastTime } = exercise.item;
  const ramp = rampLine(exercise, live.loads, unit);
  return (
    <View style={[styles.strip, { borderColor: palette.hairline, backgroundColor: palette.card }]}>
      <Txt kind="small" tone="quiet" numberOfLines={2}>
        {ramp ? `${ramp} ` : ''}
        {lastTime
          ? `Last time, ${lastTimeLine(lastTime, exercise.variation.stance)}`
          : `First time here. ${schoolCues(exercise.variation, schools).slice(0, 2).join('. ')}.`}
      </Txt>
    </View>
  );
};

const styles = StyleSheet.create({
  strip: {
    borderWidth: 1,
    borderRadius: RADIUS,
    paddingHorizontal: SPACE.m,
    paddingVertical: SPACE.s,
    minHeight: 56,
    justifyContent: 'center',
  },
  row: { flexDirection: 'row', alignItems: 'center' },
  grow: { flexGrow: 1, flexShrink: 1 },
});
