import { StyleSheet, View } from 'react-native';
import type { SetRecordDto } from '@drubo/contracts';
import { schoolCues } from '@drubo/core';
import { painAdvice } from '@drubo/core/judging';
import type { Schools } from '@drubo/core/vocabulary';
import { formatLoad } from '@drubo/words/explain';
import { runningRest } from '@drubo/core/live';
import { RADIUS, SPACE } from '../../theme/tokens';
import { usePalette } from '../../theme/use-palette';
import { Button } from '../../ui/Button';
import { Txt } from '../../ui/Txt';
import { useExplain, WhyDot } from '../../ui/Why';
import { lastTimeLine } from '../../parts/sheet/last-time';
import { RestStrip } from './RestStrip';
import { setNameWithSide } from '../../parts/sheet/set-name';
import type { LastChange } from './use-keeping';
import type { Live } from './use-live';
import type { Exercise } from './floor';
import { common } from '@drubo/words/screens/common';
import { liveWords } from '@drubo/words/screens/live';

const words = liveWords.infoStrip;

/** What was just logged, in words. */
const wordsOf = (set: SetRecordDto, name: string | null): string =>
  [
    `${name ? `${name}, ` : ''}${setNameWithSide(set)}`,
    set.seconds === null ? words.reps(set.reps ?? '–') : words.s(set.seconds),
    set.reserve === null ? null : words.inReserve(set.reserve),
    typeof set.secondsLeft === 'number' ? words.secondsMore(set.secondsLeft) : null,
    formatLoad(set),
  ]
    .filter(Boolean)
    .join(' · ');

const Changed = ({ change: { text, undo } }: { change: LastChange }) => {
  const palette = usePalette();
  return (
    <View role="status" style={[styles.strip, styles.row, { borderColor: palette.moss, backgroundColor: palette.mossTint }]}>
      <Txt style={styles.grow}>{text}</Txt>
      <Button look="quiet" label={common.undo} says={words.undo(text)} onPress={undo} />
    </View>
  );
};

/**
 * One strip: trouble; a change just made; what the pain just entered asks for; the rest running down; else last time, or of a movement
 * that is new what to be careful with, and its first cue.
 */
export const InfoStrip = ({
  live,
  exercise,
  sets,
  schools,
}: {
  live: Pick<
    Live,
    'addRest' | 'advice' | 'amended' | 'exercises' | 'isLive' | 'lastChange' | 'pad' | 'place' | 'problem' | 'skipRest' | 'undo'
  >;
  exercise: Exercise;
  sets: readonly SetRecordDto[];
  schools: Schools;
}) => {
  const palette = usePalette();
  const explainAll = useExplain();
  const advice = painAdvice(live.pad?.jointPain ?? null);
  if (live.problem) {
    return (
      <>
        <View role="alert" style={[styles.strip, { borderColor: palette.clay }]}>
          <Txt tone="clay">{live.problem}</Txt>
        </View>
        {live.lastChange && <Changed change={live.lastChange} />}
      </>
    );
  }
  if (live.lastChange) return <Changed change={live.lastChange} />;
  if (advice) {
    return (
      <View role="alert" style={[styles.strip, styles.row, { borderColor: palette.clay, backgroundColor: palette.clayTint }]}>
        <Txt style={styles.grow}>{explainAll([advice])[0]?.text ?? ''}</Txt>
        <WhyDot about="pain" reasons={[advice]} label={words.why} />
      </View>
    );
  }
  const advised = live.advice?.restSeconds ?? null;
  const rest = live.isLive && !live.amended ? runningRest(live.exercises, sets, live.place, advised) : null;
  if (rest) {
    const { set, from, restSeconds, reasons } = rest;
    return (
      <RestStrip
        key={set.id}
        set={set}
        restSeconds={restSeconds}
        what={wordsOf(set, from.item.id === exercise.item.id ? null : from.variation.name)}
        reasons={reasons}
        onMore={() => live.addRest(set.id, 30)}
        onSkip={() => live.skipRest(set.id)}
        onUndo={() => void live.undo(set)}
      />
    );
  }
  // The advice on the first set says more than that it is the first.
  if (live.advice?.reasons.length && !exercise.item.lastTime) return null;
  const { lastTime } = exercise.item;
  return (
    <View style={[styles.strip, { borderColor: palette.hairline, backgroundColor: palette.card }]}>
      <Txt kind="small" tone="quiet" numberOfLines={2}>
        {lastTime
          ? words.lastTime(lastTimeLine(lastTime, exercise.variation.stance, exercise.role))
          : words.firstTimeHere(
              [exercise.variation.cautions[0], schoolCues(exercise.variation, schools)[0]]
                .flatMap((said) => said?.replace(/\.$/, '') ?? [])
                .join('. '),
            )}
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
