import { reason } from '../vocabulary';
import type { Reason } from '../vocabulary';

/** What two weeks say of somebody who has no lighter week planned. */
export interface LighterSigns {
  /** What the belief held possible for each lift a fortnight ago and holds now, any unit as long as it is one. */
  lifts: readonly { variationId: string; before: number; now: number }[];
  /** Whether sleep was poor, check-in by check-in, oldest first; who was not asked stands for nothing. */
  poorSleeps: readonly boolean[];
  /** The worst joint pain of each of the last three weeks, 0–10, oldest first. */
  weeklyPains: readonly number[];
}

/** House defaults. A lighter week follows when two of three hold. */
const SIGNS = { lossShare: 0.04, lifts: 2, poorSleeps: 3, risingWeeks: 2, needed: 2 } as const;

const weaker = ({ lifts }: LighterSigns): Reason[] => {
  const lost = lifts.filter(({ before, now }) => before > 0 && now <= (1 - SIGNS.lossShare) * before);
  const percent = Math.round(100 * SIGNS.lossShare);
  return lost.length >= SIGNS.lifts ? [reason('lighter-weaker', { lifts: lost.length, percent }, 'strength-model')] : [];
};

const tired = ({ poorSleeps }: LighterSigns): Reason[] => {
  const last = poorSleeps.slice(-SIGNS.poorSleeps);
  const isPoor = last.length === SIGNS.poorSleeps && last.every(Boolean);
  return isPoor ? [reason('lighter-sleep', { times: last.length }, 'house-default')] : [];
};

const sore = ({ weeklyPains }: LighterSigns): Reason[] => {
  const last = weeklyPains.slice(-SIGNS.risingWeeks - 1);
  const rises = last.slice(1).every((pain, at) => pain > (last[at] ?? pain));
  const pain = last.at(-1) ?? 0;
  return last.length > SIGNS.risingWeeks && rises
    ? [reason('lighter-pain', { weeks: SIGNS.risingWeeks, pain }, 'house-default')]
    : [];
};

/** Whether strength has a say at all: alone it is too few signs, so where sleep and pain are well nobody need work it out. */
export const asksForStrength = (signs: Omit<LighterSigns, 'lifts'>): boolean =>
  [...tired({ lifts: [], ...signs }), ...sore({ lifts: [], ...signs })].length >= SIGNS.needed - 1;

/** Why the next week should be a lighter one; empty where fewer than two signs hold. */
export const lighterDue = (signs: LighterSigns): Reason[] => {
  const found = [...weaker(signs), ...tired(signs), ...sore(signs)];
  return found.length >= SIGNS.needed ? found : [];
};
