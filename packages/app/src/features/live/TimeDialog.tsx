import { useState } from 'react';
import { isHardKind } from '@drubo/core';
import { fitIntoTime } from '@drubo/core/judging';
import { changesOfPlan } from '@drubo/core/session';
import type { ItemId, Role } from '@drubo/core/vocabulary';
import { Button } from '../../ui/Button';
import { minutesBetween } from '../../ui/days';
import { Row } from '../../ui/layout';
import { Modal } from '../../ui/Modal';
import { Stepper } from '../../ui/Stepper';
import { Txt } from '../../ui/Txt';
import { ReasonList } from '../../ui/Why';
import type { Exercise, FloorDetail } from './floor';
import type { Live } from './use-live';
import { common } from '@drubo/words/screens/common';
import { liveWords } from '@drubo/words/screens/live';

const words = liveWords.timeDialog;

const STEP_MINUTES = 5;
const MOST_MINUTES = 120;

/** Sets an exercise has behind it, and still before it. */
const setsOf = ({ rows, next }: Exercise): { behind: number; left: number } => {
  const hard = rows.filter(({ slot }) => isHardKind(slot.kind));
  const indexes = (isDone: boolean) =>
    new Set(hard.filter(({ set }) => (set !== null) === isDone).map(({ slot }) => slot.setIndex));
  return { behind: indexes(true).size, left: next ? indexes(false).size : 0 };
};

/** What is worth most first: main lifts, accessories, the finisher, and drills last: time is saved from the bottom. */
const WORTH: readonly Role[] = ['main', 'accessory', 'finisher', 'prep', 'cool-down'];
const byWorth = ({ sheet }: FloorDetail, exercises: readonly Exercise[]): Exercise[] => {
  const worthOf = ({ item }: Exercise): number =>
    WORTH.indexOf(sheet.blocks.find(({ id }) => id === item.blockId)?.role ?? 'main');
  return [...exercises].sort((a, b) => worthOf(a) - worthOf(b));
};

/** Fits what is left into the minutes left: what to pair, trim and drop, with why; one tap does it, one takes it back. */
export const TimeDialog = ({
  live,
  detail,
  onClose,
}: {
  live: Pick<Live, 'changeDay' | 'exercises'>;
  detail: FloorDetail;
  onClose(): void;
}) => {
  const gone = minutesBetween(detail.session.startedAt, new Date().toISOString());
  const budget = detail.checkIn?.minutes ?? detail.sheet.minutesBudget;
  const [minutes, setMinutes] = useState(Math.max(STEP_MINUTES, Math.round((budget - gone) / STEP_MINUTES) * STEP_MINUTES));
  const open = byWorth(
    detail,
    live.exercises.filter(({ isOpen }) => isOpen),
  );
  const plan = fitIntoTime(
    open.map((exercise) => ({
      itemId: exercise.item.id,
      variation: exercise.variation,
      dose: exercise.item.dose,
      setsLeft: setsOf(exercise).left,
    })),
    minutes,
  );
  const behind = (itemId: ItemId): number => {
    const found = live.exercises.find(({ item }) => item.id === itemId);
    return found ? setsOf(found).behind : 0;
  };
  const changes = changesOfPlan(plan, behind).map(({ change }) => change);
  const apply = () => {
    void live.changeDay(changes, words.cutToMin(plan.minutesNeeded));
    onClose();
  };
  return (
    <Modal
      title={words.shortOfTime}
      onClose={onClose}
      closes={common.close}
      actions={<Button look="main" label={words.doThis} disabled={changes.length === 0} onPress={apply} />}
    >
      <Row align="stretch">
        <Stepper
          label={words.minutesLeft}
          value={String(minutes)}
          note={words.min}
          onDown={minutes > STEP_MINUTES ? () => setMinutes(minutes - STEP_MINUTES) : null}
          onUp={minutes < MOST_MINUTES ? () => setMinutes(minutes + STEP_MINUTES) : null}
        />
      </Row>
      <ReasonList reasons={plan.reasons} />
      {!plan.fits && <Txt tone="saffron">{words.theMainLiftAlone(plan.minutesNeeded)}</Txt>}
      {changes.length > 0 && (
        <Txt kind="small" tone="quiet">
          {words.whatIsCutIs}
        </Txt>
      )}
    </Modal>
  );
};
