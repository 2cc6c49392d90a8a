import { useState } from 'react';
import { asksReserve, nextDown, nextUp } from '@drubo/core';
import { heldDepth } from '@drubo/core/catalogue';
import { isOffKit } from '@drubo/core/kit';
import { formatLoad, formatPieces, formatPieceTypes } from '@drubo/words/explain';
import { isDrillRole, isPerSide, stretchOf } from '@drubo/core/vocabulary';
import { endingOf, isAsPlanned, RESERVE_CAPS } from '@drubo/core/live';
import { TARGET } from '../../theme/tokens';
import { Button } from '../../ui/Button';
import { Row, Stack } from '../../ui/layout';
import { Stepper } from '../../ui/Stepper';
import { Countdown } from './Countdown';
import { EndingRow } from './EndingRow';
import { EscapeRow } from './EscapeRow';
import { FaultRow } from './FaultRow';
import type { Exercise, FloorDetail } from './floor';
import { LoadDialog } from './LoadDialog';
import { NumberDialog } from './NumberDialog';
import { PainDialog } from './PainDialog';
import { ReservePad } from './ReservePad';
import { SecondsLeftPad } from './SecondsLeftPad';
import { setNameWithSide } from '../../parts/sheet/set-name';
import type { Live } from './use-live';
import { common } from '@drubo/words/screens/common';
import { liveWords } from '@drubo/words/screens/live';

const words = liveWords.padPanel;

const MAX_REPS = 100;
const MAX_SECONDS = 600;
const HOLD_STEP_SECONDS = 5;

/** The pad of the set at hand: reps, load, reserve, pain and faults, and one big button. */
export const PadPanel = ({
  live,
  exercise,
  detail,
}: {
  live: Pick<
    Live,
    | 'amended'
    | 'asked'
    | 'change'
    | 'changeDay'
    | 'choose'
    | 'countFromNow'
    | 'drillsLeft'
    | 'exercises'
    | 'isReady'
    | 'loads'
    | 'log'
    | 'logDrills'
    | 'pad'
    | 'removeSet'
    | 'slot'
    | 'stopForPain'
    | 'swap'
  >;
  exercise: Exercise;
  detail: FloorDetail;
}) => {
  const [isOpen, setOpen] = useState<'pain' | 'reps' | 'load' | null>(null);
  const { pad, asked, amended, loads, slot } = live;
  if (!pad || !asked) return null;
  const { item, variation } = exercise;
  const isFeeler = slot?.kind === 'feeler';
  const isLeadIn = slot?.kind === 'ramp';
  const lighter = nextDown(loads, pad.load.externalKg);
  const heavier = nextUp(loads, pad.load.externalKg);
  const isTimed = slot?.kind === 'timed';
  const isShort = !isTimed && !amended && pad.reps < asked.reps;
  const isHold = heldDepth(variation) !== null;
  const step = isTimed ? HOLD_STEP_SECONDS : 1;
  const most = isTimed ? MAX_SECONDS : MAX_REPS;
  const does = `${isTimed ? `${pad.reps} ${words.s}` : words.reps(pad.reps)}, ${formatLoad(pad.load)}`;
  return (
    <Stack gap="s">
      {isTimed && !amended && (
        <Countdown
          key={`${item.id}-${slot?.setIndex}-${slot?.side}`}
          seconds={asked.reps}
          isHold={isHold}
          onStart={live.countFromNow}
          onEnd={(held) => live.change({ reps: held })}
        />
      )}
      <Row gap="m" align="stretch">
        <Stepper
          label={`${isTimed ? words.seconds : words.repsAtStart}${isPerSide(variation.stance) ? words.thisLeg : ''}`}
          size={TARGET.live}
          share={1.1}
          value={String(pad.reps)}
          {...(isTimed ? { note: words.s } : {})}
          onDown={pad.reps > 0 ? () => live.change({ reps: Math.max(0, pad.reps - step) }) : null}
          onUp={pad.reps < most ? () => live.change({ reps: pad.reps + step }) : null}
          onValue={{ says: isTimed ? words.typeSeconds : words.typeReps, onPress: () => setOpen('reps') }}
        />
        <Stepper
          label={common.load}
          size={TARGET.live}
          share={1.35}
          value={formatPieces(pad.load)}
          note={isOffKit(pad.load) ? words.notOnThisKit : formatPieceTypes(pad.load)}
          onDown={lighter ? () => live.change({ load: lighter }) : null}
          onUp={heavier ? () => live.change({ load: heavier }) : null}
          {...(loads.length > 1 ? { onValue: { says: words.chooseALoad, onPress: () => setOpen('load') } } : {})}
        />
      </Row>
      {isShort && <EndingRow ending={endingOf(pad, asked)} onChange={(endedBy) => live.change({ endedBy })} />}
      {!isLeadIn && asksReserve(item.dose, exercise.role) && (
        <ReservePad
          value={pad.reserve}
          target={isFeeler ? null : item.dose.reserve}
          cap={RESERVE_CAPS[isFeeler ? 'feeler' : 'work']}
          onChange={(reserve) => live.change({ reserve })}
        />
      )}
      {isTimed && isHold && !isDrillRole(exercise.role) && (
        <SecondsLeftPad value={pad.secondsLeft} onChange={(secondsLeft) => live.change({ secondsLeft })} />
      )}
      <FaultRow
        key={`${slot?.kind}-${slot?.setIndex}-${slot?.side}`}
        exercise={exercise}
        pad={pad}
        onChange={live.change}
        onPain={() => setOpen('pain')}
      />
      <Button
        look="main"
        size="live"
        disabled={!live.isReady}
        label={amended ? words.saveTheChange(does) : isAsPlanned(pad, asked) ? words.logAsPlanned(does) : words.logSet(does)}
        onPress={() => void live.log()}
      />
      {!amended && live.drillsLeft > 0 && (
        <Button
          disabled={!live.isReady}
          label={words.drillsDone(stretchOf(exercise.role, detail.sheet.shape), live.drillsLeft)}
          onPress={() => void live.logDrills()}
        />
      )}
      {amended && (
        <Row gap="m" align="stretch">
          <Button grow label={words.keepItAsIt} onPress={() => live.choose(null)} />
          <Button
            grow
            look="danger"
            label={words.deleteThisSet}
            onPress={() => void live.removeSet(amended, setNameWithSide(amended))}
          />
        </Row>
      )}
      <EscapeRow live={live} exercise={exercise} detail={detail} />
      {isOpen === 'reps' && (
        <NumberDialog
          title={isTimed ? words.typeSeconds : words.typeReps}
          label={isTimed ? words.seconds : words.repsAtStart}
          value={pad.reps}
          most={most}
          onTake={(reps) => live.change({ reps })}
          onClose={() => setOpen(null)}
        />
      )}
      {isOpen === 'load' && (
        <LoadDialog
          loads={loads}
          now={pad.load}
          kit={detail.sheet.kit}
          onTake={(load) => live.change({ load })}
          onClose={() => setOpen(null)}
        />
      )}
      {isOpen === 'pain' && (
        <PainDialog
          title={words.jointPainInThis}
          value={pad.jointPain}
          yes={{ label: common.done, onPress: () => setOpen(null) }}
          onChange={(jointPain) => live.change({ jointPain })}
          onClose={() => setOpen(null)}
        />
      )}
    </Stack>
  );
};
