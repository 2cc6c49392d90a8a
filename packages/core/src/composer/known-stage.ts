import type { Ladder, Rung } from '../catalogue';
import { newestLift } from '../strength';
import type { KnownLift } from '../strength';
import { reason } from '../vocabulary';
import type { Reason } from '../vocabulary';

/** A stage that a known lift leads to, and the lift. */
export interface KnownStage {
  rung: Rung;
  lift: KnownLift;
}

/** The rung to stand on for a lift at `rung`: its own where it is earned, else the one below. */
const standOn = (ladder: Ladder, rung: Rung, lift: KnownLift): Rung | undefined =>
  lift.heldBy.length === 0
    ? rung
    : (ladder.rungs.find(({ id, aside }) => rung.from.includes(id) && !aside) ??
      ladder.rungs.find(({ stage, aside }) => stage === rung.stage - 1 && !aside));

/**
 * How far up a ladder known lifts put a person: on the stage of an earned one, a stage below one that earns nothing. The highest
 * counts; null: none is known on this ladder.
 */
export const knownStage = (ladder: Ladder, known: readonly KnownLift[] | undefined): KnownStage | null => {
  const found = ladder.rungs
    .filter(({ aside }) => !aside)
    .flatMap((rung): KnownStage[] => {
      const lift = newestLift(known, rung.variationId);
      const at = lift ? standOn(ladder, rung, lift) : undefined;
      return lift && at ? [{ rung: at, lift }] : [];
    });
  return found.reduce<KnownStage | null>((best, one) => (best && best.rung.stage >= one.rung.stage ? best : one), null);
};

/** What is said of a start that rests on a known lift. */
export const knownStageWhy = ({ lift }: KnownStage): Reason => {
  const { variationId, loadKg, reps, daysAgo, source, heldBy } = lift;
  const [hold] = heldBy;
  return hold
    ? reason('known-lift-lower', { variationId, loadKg, reps, hold }, 'house-default')
    : reason('start-known-lift', { variationId, loadKg, reps, daysAgo, source }, 'trainer');
};
