import { repsTop, slotsFor } from '@drubo/core';
import type { Dose, SetRecord } from '@drubo/core';
import type { Variation } from '@drubo/core/catalogue';
import type { Dice } from './dice';
import type { Story } from './cast';

/** What a person could do at most today in one exercise, as the mass of a single rep, body mass counted in. */
export interface Capacity {
  maxTotalKg: number;
  bodyKg: number;
}

/** Reps to failure at a load. Epley's formula turned round, from memory: r = 30 (1RM / w − 1). */
const repsToFailure = ({ maxTotalKg, bodyKg }: Capacity, loadKg: number): number => {
  const total = bodyKg + loadKg;
  return total === 0 ? 30 : Math.max(0, 30 * (maxTotalKg / total - 1));
};

/** Reps lost from set to set. */
const FADE = 0.7;

interface SetsInput {
  story: Story;
  variation: Variation;
  item: { id: string; slot: string; dose: Dose };
  session: { id: string; startedAt: string };
  capacity: Capacity;
  /** Sessions left until today, 1 for the last: where a sore knee shows. */
  sessionsLeft: number;
  sessionNumber: number;
  massKg: number | null;
  dice: Dice;
}

/** The sets a person of this story would log for one exercise. */
export const liftSets = (input: SetsInput): SetRecord[] => {
  const { story, variation, item, session, capacity, dice } = input;
  const { dose } = item;
  const { sore, weaker, fault } = story.events;
  const isSore = sore && sore.slot === item.slot && input.sessionsLeft <= sore.lastSessions;
  const isFilled = story.events.filledLast === item.slot && input.sessionsLeft === 1;
  const isFaulty = fault && fault.slot === item.slot && input.sessionNumber % fault.every === fault.every - 1;
  return slotsFor(dose.sets, variation.stance).map(({ setIndex, side }, at): SetRecord => {
    const tired = setIndex * FADE + dice.whole(-4, 4) / 10 + (weaker && side === weaker.side ? weaker.reps : 0);
    const usual = Math.max(1, Math.floor(repsToFailure(capacity, dose.load.externalKg) - tired));
    const canDo = isFilled ? Math.max(usual, repsTop(dose) + dose.reserve) : usual;
    const reps = Math.min(repsTop(dose), Math.max(dose.repsLow - 2, canDo - dose.reserve, 1), canDo);
    const inReserve = Math.min(5, Math.max(0, canDo - reps));
    const asked = dice.chance(0.6);
    return {
      id: `${session.id}-${item.slot}-${setIndex}-${side}`,
      sessionId: session.id,
      itemId: item.id,
      kind: 'work',
      side,
      setIndex,
      round: null,
      parentSetId: null,
      plannedReps: repsTop(dose),
      plannedSeconds: null,
      reps,
      seconds: null,
      endedBy: reps >= repsTop(dose) ? 'planned' : 'choice',
      faults: isFaulty && setIndex === dose.sets - 1 ? [{ id: fault.id, severity: 'breaks' }] : [],
      clean: isFaulty && setIndex === dose.sets - 1 ? 'no' : 'yes',
      jointPain: isSore ? sore.pain - (setIndex === 0 ? 1 : 0) : asked ? 0 : null,
      feltWhere: [],
      reserve: asked ? inReserve : null,
      reserveFrom: asked ? 'client' : null,
      tempoMeasured: null,
      implements: dose.load.implements,
      externalKg: dose.load.externalKg,
      bodyMassKg: input.massKg,
      restBeforeSeconds: at === 0 ? null : dose.restSeconds + dice.whole(-10, 25),
      loggedBy: 'trainer',
      deviceId: 'studio-phone-1',
      deviceSeq: input.sessionNumber * 100 + at,
      loggedAt: new Date(Date.parse(session.startedAt) + (at + 1) * 150_000).toISOString(),
      removed: false,
      receivedAt: new Date(Date.parse(session.startedAt) + (at + 1) * 150_000 + 400).toISOString(),
      revision: 1,
    };
  });
};
