import type { Chooser } from './people';
import { TARGET } from './people';

/** Nearest load on the rack not above `kg`, or its lightest. */
const onRack = (loadsKg: readonly number[], kg: number): number =>
  loadsKg.findLast((load) => load <= kg + 1e-9) ?? loadsKg[0] ?? 0;
const above = (loadsKg: readonly number[], kg: number): number => loadsKg.find((load) => load > kg + 1e-9) ?? kg;
const below = (loadsKg: readonly number[], kg: number): number => loadsKg.findLast((load) => load < kg - 1e-9) ?? kg;

/** Plain: reps up to the top of the range in all sets, then the next load; two sets short go back one. */
export const rangeThenLoad: Chooser = (history, { today, loadsKg, startLoadKg }) => {
  const now = today.at(-1);
  const last = history.at(-1)?.sets;
  const first = last?.[0];
  if (now) return { loadKg: now.loadKg, reps: now.plannedReps };
  if (!last || !first) return { loadKg: onRack(loadsKg, startLoadKg), reps: TARGET.repsLow };
  const lowest = Math.min(...last.map((set) => set.reps));
  if (last.every((set) => set.reps >= TARGET.repsHigh)) return { loadKg: above(loadsKg, first.loadKg), reps: TARGET.repsLow };
  if (last.filter((set) => set.reps < TARGET.repsLow).length >= 2) {
    return { loadKg: below(loadsKg, first.loadKg), reps: TARGET.repsLow };
  }
  const asked = lowest >= first.plannedReps ? first.plannedReps + 1 : first.plannedReps;
  return { loadKg: first.loadKg, reps: Math.min(TARGET.repsHigh, Math.max(TARGET.repsLow, asked)) };
};

const GOAL_REPS = 10;

/** Two more reps than asked in the last set, two sessions running, then the next load. Sets are ended at two in reserve. */
export const twoForTwo: Chooser = (history, { today, loadsKg, startLoadKg }) => {
  const now = today.at(-1);
  const first = history.at(-1)?.sets[0];
  if (now) return { loadKg: now.loadKg, reps: GOAL_REPS };
  if (!first) return { loadKg: onRack(loadsKg, startLoadKg), reps: GOAL_REPS };
  const running = history.slice(-2).map(({ sets }) => sets.at(-1));
  const over = (set: (typeof running)[number]): boolean =>
    !!set && set.loadKg === first.loadKg && !set.failed && set.reserve !== null && set.reserve >= TARGET.reserve + 2;
  if (running.length === 2 && running.every(over)) return { loadKg: above(loadsKg, first.loadKg), reps: GOAL_REPS };
  const failed = history.at(-1)?.sets.filter((set) => set.failed).length ?? 0;
  return { loadKg: failed >= 2 ? below(loadsKg, first.loadKg) : first.loadKg, reps: GOAL_REPS };
};

/** One step of the rack every session that was completed; one back after two misses. */
export const straightLine: Chooser = (history, { today, loadsKg, startLoadKg }) => {
  const now = today.at(-1);
  const last = history.at(-1)?.sets;
  const first = last?.[0];
  if (now) return { loadKg: now.loadKg, reps: GOAL_REPS };
  if (!last || !first) return { loadKg: onRack(loadsKg, startLoadKg), reps: GOAL_REPS };
  if (last.every((set) => !set.failed)) return { loadKg: above(loadsKg, first.loadKg), reps: GOAL_REPS };
  return { loadKg: last.filter((set) => set.failed).length >= 2 ? below(loadsKg, first.loadKg) : first.loadKg, reps: GOAL_REPS };
};
