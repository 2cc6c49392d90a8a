import { useState } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { repsTop } from '@drubo/core';
import { runningRest, tapFault } from '@drubo/core/live';
import { newId } from '../../data/ids';
import { useRunning } from '../../data/use-running';
import { usePersonWriter } from '../../data/use-person-writer';
import { heldIn } from '../../figures/held';
import { MovingFigure } from '../../figures/MovingFigure';
import { useSetting } from '../../data/use-setting';
import { SPACE } from '../../theme/tokens';
import { usePalette } from '../../theme/use-palette';
import { IconButton } from '../../ui/IconButton';
import { Row } from '../../ui/layout';
import { WarningDialog } from '../../parts/care/WarningDialog';
import { useWide } from '../../frame/use-wide';
import { AddOnFloor } from './AddOnFloor';
import { AdviceLine } from './AdviceLine';
import { CheckInDialog } from './CheckInDialog';
import { CheckInStrip } from './CheckInStrip';
import { ExerciseDone } from './ExerciseDone';
import { FinishFlow } from './FinishFlow';
import type { Exercise, FloorDetail } from './floor';
import { InfoStrip } from './InfoStrip';
import { LiveHeader } from './LiveHeader';
import { MoreDialog } from './MoreDialog';
import type { MoreChoice } from './MoreDialog';
import { NothingYet } from './NothingYet';
import { OtherSessions } from './OtherSessions';
import { PadPanel } from './PadPanel';
import { SensorStrip } from './SensorStrip';
import { SetRow } from './SetRow';
import { TargetLine } from './TargetLine';
import { isSoundOn, keepSound, tick } from './ticks';
import { useBeat } from './use-beat';
import { useLive } from './use-live';
import type { Live } from './use-live';
import { useLiveKeys } from './use-live-keys';
import { isPaired } from './use-sensor';
import { useWakeLock } from './use-wake-lock';
import { liveWords } from '@drubo/words/screens/live';

const words = liveWords.livePage;

/** Smallest figure that still shows its limbs, and the largest there is any use for. */
const FIGURE = { least: 84, most: 560 } as const;

/** The live floor: figure and target above, pad below; beside each other where there is room. */
export const LivePage = ({ detail }: { detail: FloorDetail }) => {
  const palette = usePalette();
  const { isWide } = useWide();
  const live = useLive(detail);
  const [open, setOpen] = useState<MoreChoice | 'more' | null>(null);
  useWakeLock();
  useKeys(live, detail);
  const { exercise, exercises } = live;
  const at = exercise ? exercises.indexOf(exercise) : -1;
  return (
    <View role="main" style={[styles.page, { backgroundColor: palette.ground }]}>
      <LiveHeader
        name={detail.sheet.personName}
        startedAt={live.isLive ? detail.session.startedAt : null}
        budgetMinutes={detail.checkIn?.minutes ?? detail.sheet.minutesBudget}
        at={at}
        count={exercises.length}
        onStep={(by) => {
          const to = exercises[at + by];
          if (to) live.goTo(to.item.id);
        }}
        onMore={() => setOpen('more')}
      />
      <OtherSessions sessionId={detail.session.id} />
      {exercise ? (
        <Floor live={live} exercise={exercise} detail={detail} isWide={isWide} onOpen={setOpen} />
      ) : (
        <NothingYet live={live} onOpen={setOpen} />
      )}
      <Dialogs live={live} detail={detail} open={open} onOpen={setOpen} />
    </View>
  );
};

const useKeys = (
  live: Pick<Live, 'change' | 'exercise' | 'exercises' | 'isReady' | 'log' | 'pad' | 'place' | 'skipRest' | 'slot'>,
  detail: FloorDetail,
): void => {
  const { exercise, pad } = live;
  useLiveKeys({
    log: () => void (live.slot && live.isReady && live.log()),
    reps: (by) => pad && live.change({ reps: Math.max(0, pad.reps + by) }),
    reserve: (value) => pad && live.change({ reserve: pad.reserve === value ? null : value }),
    rest: () => {
      const rest = runningRest(live.exercises, detail.sets, live.place);
      if (rest) live.skipRest(rest.set.id);
    },
    fault: () => {
      const [first] = exercise?.variation.faults ?? [];
      if (pad && first) live.change({ faults: tapFault(pad.faults, first) });
    },
  });
};

interface FloorProps {
  live: Pick<
    Live,
    | 'addDrop'
    | 'addRest'
    | 'addSet'
    | 'advice'
    | 'amended'
    | 'asked'
    | 'change'
    | 'changeDay'
    | 'choose'
    | 'countFromNow'
    | 'drillsLeft'
    | 'logDrills'
    | 'exercises'
    | 'fewerSets'
    | 'goTo'
    | 'isLive'
    | 'isReady'
    | 'lastChange'
    | 'leave'
    | 'loads'
    | 'log'
    | 'measure'
    | 'pad'
    | 'place'
    | 'problem'
    | 'removeSet'
    | 'skipCheckIn'
    | 'skipRest'
    | 'slot'
    | 'stopForPain'
    | 'swap'
    | 'undo'
  >;
  exercise: Exercise;
  detail: FloorDetail;
  isWide: boolean;
  onOpen(open: MoreChoice): void;
}

const Floor = ({ live, exercise, detail, isWide, onOpen }: FloorProps) => {
  const { slot } = live;
  const isBegun = detail.sets.length > 0;
  const hasOthers = useRunning().length > 1;
  const isSensed = useSetting(isPaired);
  const isFull = hasOthers || isSensed || isShortOf(live);
  const asksCheckIn = live.isLive && !isBegun && detail.checkIn === null && !live.place.skippedCheckIn;
  // Where the phone is full, what the target line says already need not be said twice.
  const isSaid = !isWide && isFull && live.advice?.kind === 'go' && runningRest(live.exercises, detail.sets, live.place) !== null;
  const facts = (
    <>
      <TargetLine exercise={exercise} slot={slot} amended={live.amended} live={live} kit={detail.sheet.kit} />
      <SetRow exercise={exercise} slot={slot} onChoose={live.choose} onAdd={live.addSet} onDrop={live.addDrop} />
      {asksCheckIn && <CheckInStrip onCheck={() => onOpen('check-in')} onSkip={live.skipCheckIn} />}
      {!live.amended && !isSaid && <AdviceLine live={live} exercise={exercise} />}
      {(!asksCheckIn || live.problem || live.lastChange) && (
        <InfoStrip live={live} exercise={exercise} sets={detail.sets} schools={detail.sheet.schools} />
      )}
      {isSensed && live.isLive && slot?.kind === 'work' && !live.amended && (
        <SensorStrip key={`${exercise.item.id}-${slot.setIndex}-${slot.side}`} live={live} exercise={exercise} />
      )}
    </>
  );
  const pad = slot ? (
    <PadPanel live={live} exercise={exercise} detail={detail} />
  ) : (
    <ExerciseDone live={live} exercise={exercise} detail={detail} onFinish={() => onOpen('finish')} />
  );
  const figure = <FloorFigure live={live} exercise={exercise} />;
  return isWide ? (
    <Row gap="xxl" align="stretch" style={styles.wide}>
      <View style={styles.half}>{figure}</View>
      <ScrollView style={styles.half} contentContainerStyle={styles.padColumn}>
        {facts}
        {pad}
      </ScrollView>
    </Row>
  ) : (
    <ScrollView contentContainerStyle={styles.narrow}>
      {figure}
      {facts}
      {pad}
    </ScrollView>
  );
};

/** Whether the set at hand stands below what was asked, so that one more row asks why. */
const isShortOf = ({ pad, asked }: Pick<Live, 'asked' | 'pad'>): boolean =>
  pad !== undefined && asked !== undefined && pad.reps < asked.reps;

/** The moving figure, as large as what is left, with its sound. */
const FloorFigure = ({ live, exercise }: { live: Pick<Live, 'asked' | 'countFromNow' | 'pad'>; exercise: Exercise }) => {
  const [area, setArea] = useState({ width: 0, height: 0 });
  const hasSound = useSetting(isSoundOn);
  const beat = useBeat();
  const { item, variation } = exercise;
  const flip = () => {
    keepSound(!hasSound);
    if (!hasSound) tick('lifting');
  };
  return (
    <View
      style={styles.figure}
      onLayout={({ nativeEvent: { layout } }) => setArea({ width: layout.width, height: layout.height })}
    >
      {area.width > 0 && (
        <MovingFigure
          key={item.id}
          variation={variation}
          values={item.values}
          tempo={item.dose.tempo}
          reps={item.dose.seconds === undefined ? (live.asked?.reps ?? repsTop(item.dose)) : null}
          seconds={item.dose.seconds === undefined ? undefined : (live.asked?.reps ?? item.dose.seconds)}
          width={area.width}
          height={Math.min(FIGURE.most, Math.max(FIGURE.least, area.height))}
          held={heldIn(live.pad?.load ?? item.dose.load)}
          onCount={live.countFromNow}
          onMoment={beat}
          beside={
            <IconButton
              icon={hasSound ? 'sound' : 'mute'}
              says={hasSound ? words.soundIsOnSwitch : words.soundIsOffSwitch}
              onPress={flip}
            />
          }
        />
      )}
    </View>
  );
};

/** Everything that opens over the floor. */
const Dialogs = ({
  live,
  detail,
  open,
  onOpen,
}: {
  live: Pick<
    Live,
    | 'addExercise'
    | 'asked'
    | 'change'
    | 'exercise'
    | 'exercises'
    | 'keepCheckIn'
    | 'leave'
    | 'note'
    | 'pad'
    | 'place'
    | 'setSession'
  >;
  detail: FloorDetail;
  open: MoreChoice | 'more' | null;
  onOpen(open: MoreChoice | null): void;
}) => {
  const signs = usePersonWriter(detail.session.personId);
  const close = () => onOpen(null);
  switch (open) {
    case 'more':
      return <MoreDialog live={live} detail={detail} onChoose={onOpen} onClose={close} />;
    case 'check-in':
      return <CheckInDialog live={live} detail={detail} onClose={close} />;
    case 'add':
      return <AddOnFloor live={live} detail={detail} onClose={close} />;
    case 'signs':
      return (
        <WarningDialog
          care={detail.sheet.care}
          problem={signs.problem}
          onSign={({ id: sign }) =>
            void signs.saveRecord(newId(), {
              kind: 'sign',
              sign,
              on: detail.session.date,
              sessionId: detail.session.id,
              note: '',
            })
          }
          onClose={close}
        />
      );
    case 'finish':
    case 'discard':
      return <FinishFlow live={live} detail={detail} how={open} onClose={close} />;
    case null:
      return null;
  }
};

const styles = StyleSheet.create({
  page: { flex: 1, padding: SPACE.l, paddingTop: SPACE.xs, paddingBottom: SPACE.s },
  narrow: { flexGrow: 1, gap: SPACE.s },
  wide: { flex: 1 },
  half: { flex: 1, gap: SPACE.m },
  padColumn: { gap: SPACE.m, justifyContent: 'center', flexGrow: 1 },
  figure: { flexGrow: 1, flexShrink: 1, flexBasis: FIGURE.least, minHeight: FIGURE.least },
});
