import { isSameMass, partSeconds, plannedReps, slotsFor } from '@drubo/core';
import type { Dose, Load, SetRecord } from '@drubo/core';
import { adviseAfterSet, adviseFirstSet, firstSide } from '@drubo/core/judging';
import type { AdviceInput } from '@drubo/core/judging';
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
/** Nobody says a reserve above this, feelers apart. */
const RESERVE_CAP = { work: 5, feeler: 10 } as const;

interface SetsInput {
  story: Story;
  /** The exercise as the live screen asks advice about it, without the sets. */
  advice: Omit<AdviceInput, 'today' | 'next'>;
  item: { id: string; slot: string; dose: Dose; feelers: number };
  session: { id: string; startedAt: string };
  capacity: Capacity;
  /** Sessions left until today, 1 for the last: where a sore knee shows. */
  sessionsLeft: number;
  sessionNumber: number;
  massKg: number | null;
  dice: Dice;
}

/** Four phases as the rep sensor tells them: near the tempo, lowering hurried now and then. */
const sensed = (tempo: Dose['tempo'], dice: Dice): number[] => {
  const off = () => dice.whole(-3, 3) / 10;
  const lowering = partSeconds(tempo.lowering) - (dice.chance(0.25) ? 1 : 0);
  return [lowering, partSeconds(tempo.bottom), partSeconds(tempo.lifting), partSeconds(tempo.top)].map((seconds) =>
    Math.max(0, Math.round((seconds + off()) * 10) / 10),
  );
};

/** The sets a person of this story would log for one exercise, each as the advice after the last one asked. */
export const liftSets = (input: SetsInput): SetRecord[] => {
  const { story, advice, item, session, capacity, dice } = input;
  const { dose } = item;
  const { sore, weaker, fault } = story.events;
  const isSore = sore && sore.slot === item.slot && input.sessionsLeft <= sore.lastSessions;
  const isFilled = story.events.filledLast === item.slot && input.sessionsLeft === 1;
  const isFaulty = fault && fault.slot === item.slot && input.sessionNumber % fault.every === fault.every - 1;
  const first = firstSide(advice).side;
  const isTimed = dose.seconds !== undefined;
  const slots = slotsFor({ isTimed, sets: dose.sets, feelers: item.feelers, stance: advice.variation.stance, first });
  const today: SetRecord[] = [];
  for (const [at, slot] of slots.entries()) {
    const { kind, setIndex, side } = slot;
    const said =
      today.length === 0 ? adviseFirstSet({ ...advice, today, next: slot }) : adviseAfterSet({ ...advice, today, next: slot });
    if (said?.kind === 'stop') break;
    const asked = said?.next ?? { loadKg: dose.load.externalKg, reps: plannedReps(dose) };
    const load: Load = advice.loads.find(({ externalKg }) => isSameMass(externalKg, asked.loadKg)) ?? dose.load;
    const tired = setIndex * FADE + dice.whole(-4, 4) / 10 + (weaker && side === weaker.side ? weaker.reps : 0);
    const usual = Math.max(1, Math.floor(repsToFailure(capacity, load.externalKg) - tired));
    const canDo = isFilled ? Math.max(usual, asked.reps + dose.reserve) : usual;
    const reps = Math.min(asked.reps, Math.max(dose.repsLow - 2, canDo - Math.max(0, dose.reserve - 1), 1), canDo);
    const inReserve = Math.min(RESERVE_CAP[kind === 'feeler' ? 'feeler' : 'work'], Math.max(0, canDo - reps));
    const isAsked = kind === 'feeler' || dice.chance(0.6);
    const isBroken = isFaulty === true && kind === 'work' && setIndex === dose.sets - 1;
    today.push({
      id: `${session.id}-${item.slot}-${kind === 'feeler' ? 'f' : ''}${setIndex}-${side}`,
      sessionId: session.id,
      itemId: item.id,
      kind,
      side,
      setIndex,
      round: null,
      parentSetId: null,
      plannedReps: isTimed ? null : asked.reps,
      plannedSeconds: dose.seconds ?? null,
      reps: isTimed ? null : reps,
      seconds: isTimed ? Math.max(5, (dose.seconds ?? 0) - (dice.chance(0.2) ? 5 : 0)) : null,
      endedBy: isTimed || reps >= asked.reps ? 'planned' : 'choice',
      faults: isBroken && fault ? [{ id: fault.id, severity: 'breaks' }] : [],
      clean: isBroken ? 'no' : 'yes',
      jointPain: isSore ? sore.pain - (setIndex === 0 ? 1 : 0) : isAsked ? 0 : null,
      feltWhere: [],
      reserve: isAsked ? inReserve : null,
      reserveFrom: isAsked ? 'client' : null,
      tempoMeasured: story.events.sensed ? sensed(dose.tempo, dice) : null,
      implements: load.implements,
      externalKg: load.externalKg,
      bodyMassKg: input.massKg,
      restBeforeSeconds: at === 0 ? null : dose.restSeconds + dice.whole(-10, 25),
      loggedBy: 'trainer',
      deviceId: 'studio-phone-1',
      deviceSeq: input.sessionNumber * 100 + at,
      loggedAt: new Date(Date.parse(session.startedAt) + (at + 1) * 150_000).toISOString(),
      removed: false,
      receivedAt: new Date(Date.parse(session.startedAt) + (at + 1) * 150_000 + 400).toISOString(),
      revision: 1,
    });
  }
  return today;
};
