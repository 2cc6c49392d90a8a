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
