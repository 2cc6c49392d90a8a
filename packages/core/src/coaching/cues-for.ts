import { getFault } from '../catalogue/knowledge';
import type { FaultCue } from '../catalogue/knowledge';
import type { SetRecord } from '../log';
import type { PastExercise } from '../progression';
import type { FaultId } from '../vocabulary';

/** What is said for a fault: the first time it breaks a set, and when it does again. */
export type CuePair = readonly FaultCue[];

const breaks = (set: Pick<SetRecord, 'faults'>, id: FaultId): boolean =>
  set.faults.some((fault) => fault.id === id && fault.severity !== 'note');

/** Set after set, whether it was broken: both legs of one index are one set, broken where either was. */
const brokenInTurn = (sets: readonly SetRecord[], id: FaultId): boolean[] => {
  const bySet = new Map<string, boolean>();
  for (const set of [...sets].sort((a, b) => a.setIndex - b.setIndex)) {
    const key = `${set.kind}-${set.setIndex}`;
    bySet.set(key, bySet.get(key) === true || breaks(set, id));
  }
  return [...bySet.values()];
};

/** What a session showed of the cues that were given in it, in this order: those that took, and those that didn't. */
const shownIn = (sets: readonly SetRecord[], id: FaultId, given: CuePair, before: boolean) => {
  const turn = brokenInTurn(sets, id);
  const took: FaultCue[] = [];
  const failed: FaultCue[] = [];
  let step = before ? 1 : 0;
  turn.forEach((isBroken, at) => {
    if (!isBroken) return;
    step += 1;
    const said = given[step <= 1 ? 0 : 1] ?? given[0];
    const next = turn[at + 1];
    if (said && next !== undefined) (next ? failed : took).push(said);
  });
  return { took, failed, broke: turn.includes(true) };
};

/**
 * The cues of a fault in the order they are given to this person. What was said is what this gave then, read from the log: the first
 * cue after the first set it broke, the other one after the next. One that was followed by a set without the fault took, and is said
 * first from then on; one that never took is said last. House default.
 */
export const cuesFor = (id: FaultId, past: readonly PastExercise[]): CuePair => {
  let order: CuePair = getFault(id).cues;
  const everTook = new Set<FaultCue>();
  let broke = false;
  for (const { sets } of [...past].sort((a, b) => a.day - b.day)) {
    const shown = shownIn(sets, id, order, broke);
    for (const cue of shown.took) everTook.add(cue);
    const never = new Set(shown.failed.filter((cue) => !everTook.has(cue)));
    const last = shown.took.at(-1);
    const rest = order.filter((cue) => cue !== last);
    order = [...(last ? [last] : []), ...rest.filter((cue) => !never.has(cue)), ...rest.filter((cue) => never.has(cue))];
    ({ broke } = shown);
  }
  return order;
};
