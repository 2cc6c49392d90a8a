import { restAfter } from '../coaching';
import type { SetRecord } from '../log';
import type { Reason, SetId } from '../vocabulary';
import { lastLogged } from './progress';
import type { Exercise, LiveItem } from './types';

/** What the trainer did to a rest: cut it short, or lengthened it. */
export interface RestByHand {
  /** The set whose rest was cut short. */
  skippedRestAfter: string | null;
  addedRest: { setId: SetId; seconds: number } | null;
}

/** The rest that runs: after which set, how long, since when, and why where it is longer than planned. */
export interface RunningRest<I extends LiveItem = LiveItem> {
  set: SetRecord;
  from: Exercise<I>;
  restSeconds: number;
  reasons: readonly Reason[];
}

/**
 * The rest after the set logged last, adapted to how hard it was; null where there is none: inside a round, after the
 * last set of the session, or cut short by hand. Counted from when the set was logged, so a phone that slept tells it true.
 */
export const runningRest = <I extends LiveItem>(
  exercises: readonly Exercise<I>[],
  sets: readonly SetRecord[],
  by: RestByHand,
  advisedSeconds: number | null = null,
): RunningRest<I> | null => {
  const set = lastLogged(sets);
  const from = exercises.find(({ item }) => item.id === set?.itemId);
  // Nobody rests after the last set of the session.
  if (!set || !from || by.skippedRestAfter === set.id || !exercises.some(({ isOpen }) => isOpen)) return null;
  const added = by.addedRest?.setId === set.id ? by.addedRest.seconds : 0;
  const planned = advisedSeconds ?? from.restSeconds;
  // One leg done, the other goes at once.
  const otherLeg = from.rows.some(
    ({ slot, set: logged }) => !logged && slot.kind === set.kind && slot.setIndex === set.setIndex && slot.side !== set.side,
  );
  const { restSeconds, reasons } =
    otherLeg && !from.inTurn
      ? { restSeconds: 0, reasons: [] }
      : restAfter({ restSeconds: planned, reserve: from.item.dose.reserve }, set);
  const all = restSeconds + added;
  return all === 0 ? null : { set, from, restSeconds: all, reasons };
};
