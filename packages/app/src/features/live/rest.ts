import type { SetRecordDto } from '@drubo/contracts';
import { restAfter } from '@drubo/core/judging';
import type { Reason } from '@drubo/core/vocabulary';
import type { Place } from './place';
import { lastLogged } from './progress';
import type { Exercise } from './progress';

/** The rest that runs: after which set, how long, since when, and why where it is longer than planned. */
export interface RunningRest {
  set: SetRecordDto;
  from: Exercise;
  restSeconds: number;
  reasons: readonly Reason[];
}

/**
 * The rest after the set logged last, adapted to how hard it was; null where there is none: inside a round, after the
 * last set of the session, or cut short by hand. Counted from when the set was logged, so a phone that slept tells it true.
 */
export const runningRest = (
  exercises: readonly Exercise[],
  sets: readonly SetRecordDto[],
  place: Pick<Place, 'skippedRestAfter' | 'addedRest'>,
  advisedSeconds: number | null = null,
): RunningRest | null => {
  const set = lastLogged(sets);
  const from = exercises.find(({ item }) => item.id === set?.itemId);
  // Nobody rests after the last set of the session.
  if (!set || !from || place.skippedRestAfter === set.id || !exercises.some(({ isOpen }) => isOpen)) return null;
  const added = place.addedRest?.setId === set.id ? place.addedRest.seconds : 0;
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
