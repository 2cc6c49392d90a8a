import { useState } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import type { SessionDetailDto } from '@drubo/contracts';
import { repsTop } from '@drubo/core';
import { heldIn } from '../../figures/held';
import { MovingFigure } from '../../figures/MovingFigure';
import { SPACE } from '../../theme/tokens';
import { usePalette } from '../../theme/use-palette';
import { Empty } from '../../ui/states';
import { useWide } from '../shell/use-wide';
import { AdviceLine } from './AdviceLine';
import { ExerciseDone } from './ExerciseDone';
import { InfoStrip } from './InfoStrip';
import { LiveHeader } from './LiveHeader';
import { PadPanel } from './PadPanel';
import { SetRow } from './SetRow';
import { TargetLine } from './TargetLine';
import { useLive } from './use-live';
import { useWakeLock } from './use-wake-lock';

/** Smallest figure that still shows its limbs, and the largest there is any use for. */
const FIGURE = { least: 120, most: 560 } as const;

/** The live floor: figure and target above, pad below; beside each other where there is room. */
export const LivePage = ({ detail }: { detail: SessionDetailDto }) => {
  const palette = usePalette();
  const { isWide } = useWide();
  const live = useLive(detail);
  const [area, setArea] = useState({ width: 0, height: 0 });
  useWakeLock();
  const { exercise, exercises, slot } = live;
  if (!exercise) return <Empty title="Nothing on this sheet" text="This session has no exercise. Go back and discard it." />;
  const at = exercises.indexOf(exercise);
  const figure = (
    <View
      style={styles.figure}
      onLayout={({ nativeEvent: { layout } }) => setArea({ width: layout.width, height: layout.height })}
    >
      {area.width > 0 && (
        <MovingFigure
          key={exercise.item.id}
          variation={exercise.variation}
          tempo={exercise.item.dose.tempo}
          reps={exercise.item.dose.seconds === undefined ? (live.asked?.reps ?? repsTop(exercise.item.dose)) : null}
          width={area.width}
          height={Math.min(FIGURE.most, Math.max(FIGURE.least, area.height))}
          held={heldIn(live.pad?.load ?? exercise.item.dose.load)}
          onCount={live.countFromNow}
        />
      )}
    </View>
  );
  const facts = (
    <>
      <TargetLine exercise={exercise} slot={slot} amended={live.amended} live={live} kit={detail.sheet.kit} />
      <SetRow exercise={exercise} slot={slot} onChoose={live.choose} onAdd={live.addSet} />
      {!live.amended && <AdviceLine live={live} exercise={exercise} />}
      <InfoStrip live={live} exercise={exercise} sets={detail.sets} schools={detail.sheet.schools} />
    </>
  );
  const pad = slot ? <PadPanel live={live} exercise={exercise} detail={detail} /> : <ExerciseDone live={live} detail={detail} />;
  return (
    <View role="main" style={[styles.page, { backgroundColor: palette.ground }]}>
      <LiveHeader
        name={detail.sheet.personName}
        startedAt={detail.session.startedAt}
        budgetMinutes={detail.sheet.personMinutes}
        at={at}
        count={exercises.length}
        onStep={(by) => {
          const to = exercises[at + by];
          if (to) live.goTo(to.item.id);
        }}
      />
      {isWide ? (
        <View style={styles.wide}>
          <View style={styles.half}>{figure}</View>
          <ScrollView style={styles.half} contentContainerStyle={styles.padColumn}>
            {facts}
            {pad}
          </ScrollView>
        </View>
      ) : (
        <ScrollView contentContainerStyle={styles.narrow}>
          {figure}
          {facts}
          {pad}
        </ScrollView>
      )}
    </View>
  );
};

const styles = StyleSheet.create({
  page: { flex: 1, padding: SPACE.l, paddingTop: SPACE.xs, paddingBottom: SPACE.s },
  narrow: { flexGrow: 1, gap: SPACE.s },
  wide: { flex: 1, flexDirection: 'row', gap: SPACE.xxl },
  half: { flex: 1, gap: SPACE.m },
  padColumn: { gap: SPACE.m, justifyContent: 'center', flexGrow: 1 },
  figure: { flexGrow: 1, flexShrink: 1, flexBasis: FIGURE.least, minHeight: FIGURE.least },
});
