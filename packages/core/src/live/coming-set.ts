import type { Advice } from '../coaching';
import { plannedReps } from '../dose';
import { isSameMass } from '../kit';
import type { Load } from '../kit';
import { isHardKind } from '../log';
import type { SetSlot } from '../log';
import type { ExerciseFacts } from './advice-for';
import type { Asked, Pad } from './pad';
import { rampsOf } from './ramps';
import type { Exercise, Running } from './types';

/** A drop takes this share of the load off, or what the kit has below it. House default. */
const DROP_SHARE = 0.2;

/** Whether a row is the last of its set: the only one, or the second leg's. */
export const isLastSide = ({ rows }: Pick<Exercise, 'rows'>, slot: SetSlot): boolean =>
  rows.filter((row) => !row.set && row.slot.kind === slot.kind && row.slot.setIndex === slot.setIndex).length <= 1;

/** The set a drop hangs from: the last hard one of its leg. */
export const parentOf = ({ done }: Pick<Exercise, 'done'>, slot: SetSlot): string | null =>
  done.findLast((set) => isHardKind(set.kind) && set.side === slot.side)?.id ?? null;

/** Codes of the advice that was not followed: it changed the set, and another one was logged. */
export const passedOver = (advice: Advice | null, { reps, load }: Pad): Advice['reasons'][number]['code'][] => {
  if (!advice || advice.kind === 'go' || advice.kind === 'cue') return [];
  const isTaken = advice.next !== null && isSameMass(advice.next.loadKg, load.externalKg) && reps <= advice.next.reps;
  return isTaken ? [] : advice.reasons.map(({ code }) => code).slice(0, 12);
};

const lighterBy = (loads: readonly Load[], from: Load): Load =>
  loads.findLast(({ externalKg }) => externalKg <= from.externalKg * (1 - DROP_SHARE) + 0.001) ??
  loads.findLast(({ externalKg }) => externalKg < from.externalKg - 0.001) ??
  from;

/** Reps and load of the coming set: as advised, else as the sheet says; a ramp's or a drop's own. */
export const askedFor = (
  running: Running,
  { item, variation, done }: Exercise,
  slot: SetSlot | undefined,
  facts: ExerciseFacts | null,
  advice: Advice | null,
): Asked => {
  const loads = facts?.loads ?? [];
  const onRack = (kg: number | undefined): Load | undefined =>
    kg === undefined ? undefined : loads.find(({ externalKg }) => isSameMass(externalKg, kg));
  if (slot?.kind === 'ramp') {
    const ramp = rampsOf(running, item, variation)[slot.setIndex];
    return { reps: ramp?.reps ?? plannedReps(item.dose), load: onRack(ramp?.loadKg) ?? item.dose.load };
  }
  if (slot?.kind === 'drop') {
    const last = done.findLast(({ kind, side }) => (isHardKind(kind) || kind === 'drop') && side === slot.side);
    return { reps: plannedReps(item.dose), load: lighterBy(loads, onRack(last?.externalKg) ?? item.dose.load) };
  }
  const next = advice?.next;
  return { reps: item.dose.seconds ?? next?.reps ?? plannedReps(item.dose), load: onRack(next?.loadKg) ?? item.dose.load };
};
