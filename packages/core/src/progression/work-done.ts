import { mustBeLoaded } from '../catalogue';
import { isSameMass } from '../kit';
import type { Load } from '../kit';
import { isDoubtful } from '../log';
import type { SetRecord } from '../log';
import { isPerSide } from '../vocabulary';
import type { ExerciseLog, WorkDone } from './types';

/** Reads the work sets of a log: which rows count, how many sets are whole, which load was really used. */
export const workDone = ({
  sets,
  dose,
  variation,
  loads,
}: Pick<ExerciseLog, 'sets' | 'dose' | 'variation' | 'loads'>): WorkDone => {
  const isLoaded = mustBeLoaded(variation) && loads.length > 0;
  const rows = sets.filter(
    (set): set is SetRecord & { reps: number } =>
      set.kind === 'work' && set.reps !== null && set.endedBy !== 'interrupted' && !isDoubtful(set, isLoaded),
  );
  const sidesOf = new Map<number, number>();
  for (const row of rows) sidesOf.set(row.setIndex, (sidesOf.get(row.setIndex) ?? 0) + 1);
  const sidesAsked = isPerSide(variation.stance) ? 2 : 1;
  return {
    rows,
    completeSets: [...sidesOf.values()].filter((sides) => sides >= sidesAsked).length,
    load: usedLoad(rows, dose.load, loads),
  };
};

/** The load most rows used; on a tie the lighter. */
const usedLoad = (rows: readonly SetRecord[], planned: Load, loads: readonly Load[]): Load => {
  const counts = new Map<number, number>();
  for (const row of rows) counts.set(row.externalKg, (counts.get(row.externalKg) ?? 0) + 1);
  const [first] = [...counts].sort((a, b) => b[1] - a[1] || a[0] - b[0]);
  if (!first || isSameMass(first[0], planned.externalKg)) return planned;
  const row = rows.find((set) => set.externalKg === first[0]);
  const onRack = loads.find((load) => isSameMass(load.externalKg, first[0]));
  return onRack ?? { position: planned.position, implements: row?.implements ?? [], externalKg: first[0] };
};

/**
 * What is held where nothing may rise: never more than was planned, but for the heaviest load that advice after each set led
 * up to and that every set with it was judged clean at, in range; where no work was, a feeler done well. Going back to where a
 * search began would search for ever.
 */
export const heldLoad = (
  { dose, loads, method, sets }: Pick<ExerciseLog, 'dose' | 'loads' | 'method' | 'sets'>,
  done: WorkDone,
): Load => {
  const usual = done.load.externalKg > dose.load.externalKg ? dose.load : done.load;
  const inOrder = [...done.rows].sort((a, b) => a.setIndex - b.setIndex);
  const rises = inOrder.every(({ externalKg }, at) => externalKg >= (inOrder[at - 1]?.externalKg ?? 0) - 0.001);
  if (method !== 'reserve-led' || !rises) return usual;
  const isGood = ({ clean, faults, reps }: WorkDone['rows'][number]): boolean =>
    clean === 'yes' && reps >= dose.repsLow && faults.every(({ severity }) => severity === 'note');
  const bad = inOrder.filter((row) => !isGood(row)).map(({ externalKg }) => externalKg);
  const isWhole = (row: SetRecord) => !bad.some((kg) => isSameMass(kg, row.externalKg));
  const best = inOrder.findLast((row) => isGood(row) && isWhole(row)) ?? bestFeeler(sets.filter(isWhole), dose);
  const onRack = best && loads.find(({ externalKg }) => isSameMass(externalKg, best.externalKg));
  return onRack && onRack.externalKg > usual.externalKg ? onRack : usual;
};

/** The heaviest feeler judged clean that showed the range with what should be left: all that is known when the work broke. */
const bestFeeler = (sets: readonly SetRecord[], dose: ExerciseLog['dose']): SetRecord | undefined =>
  sets
    .filter(
      ({ kind, clean, reps, reserve, endedBy }) =>
        kind === 'feeler' &&
        clean === 'yes' &&
        endedBy === 'planned' &&
        (reps ?? 0) + (reserve ?? 0) >= dose.repsHigh + dose.reserve,
    )
    .sort((a, b) => a.externalKg - b.externalKg)
    .at(-1);
