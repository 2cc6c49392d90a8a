import type { Variation } from '../catalogue';
import { snapDown } from '../kit';
import { carefulCause, loadBorne } from '../progression';
import type { JudgeContext, PastExercise } from '../progression';
import { guessKg, isEstimable, KNOWN_LIFT, newestLift, ratioBetween, relativesOf } from '../strength';
import type { KnownLift } from '../strength';
import { reason } from '../vocabulary';
import type { LeverValues } from '../vocabulary';
import { loadsAt } from './fit-dose';
import type { Planned } from './fit-dose';
import type { SheetInput } from './types';

/** Never over so many times what was held in the known lift, by the ratio. House default. */
const MOST_OF_HELD = 1.5;

/**
 * A lift never done begins where the closest lift that is known leaves it, one deviation down, when that is more than its
 * own first guess; feelers still look for it. Who is to be careful keeps the guess.
 */
export const fromRelative = (input: SheetInput, to: Variation, values: LeverValues, { dose, why }: Planned): Planned => {
  const { context } = input;
  if (newestLift(context.person.known, to.id)) return { dose, why };
  if (guessKg(to, context.person) <= 0 || !isEstimable(to) || carefulCause({ variation: to, context }) !== null)
    return { dose, why };
  const [closest] = knownRelatives(input, to);
  if (!closest) return { dose, why };
  const { variation, past, lift, by } = closest;
  const heldKg = Math.max(lift?.loadKg ?? 0, ...past.flatMap(({ sets }) => sets.map(({ externalKg }) => externalKg)));
  const bornKg = loadBorne({ variation, past, dose, context }, to, by, dose);
  // What a lift that earns no stage says is halved, as it is for the lift itself.
  const isHalved = past.length === 0 && lift !== null && lift.heldBy.length > 0;
  const borneKg = bornKg !== null && isHalved ? KNOWN_LIFT.unearnedShare * bornKg : bornKg;
  const load =
    borneKg === null ? null : snapDown(loadsAt(input, to, values), Math.min(borneKg, MOST_OF_HELD * by.ratio * heldKg));
  if (!load || load.externalKg <= dose.load.externalKg) return { dose, why };
  const told = { variationId: variation.id, ratio: Math.round(by.ratio * 100) / 100, loadKg: load.externalKg };
  return {
    dose: { ...dose, load },
    why: { ...why, load: [...why.load, reason('load-from-relative', told, 'common-practice')] },
  };
};

interface Relative {
  variation: Variation;
  past: readonly PastExercise[];
  /** What they are known to have lifted in it. */
  lift: KnownLift | null;
  by: { ratio: number; sigma: number };
}

/** Spread between two movements of one family that nobody has a ratio for, log load. House default. */
const FAMILY_SIGMA = 0.25;

/** Lifts this person has held a load in that tell of another, the closest first. */
const knownRelatives = ({ context, pastOf }: SheetInput, to: Variation): Relative[] => {
  const known = new Set(relativesOf(to.id));
  return context.catalogue.variations
    .filter((one) => one.id !== to.id && isEstimable(one) && (known.has(one.id) || one.family === to.family))
    .flatMap((variation): Relative[] => {
      const past = pastOf(variation.id).filter(({ sets }) => sets.some(({ externalKg }) => externalKg > 0));
      const lift = newestLift(context.person.known, variation.id);
      const by = past.length > 0 || lift ? (ratioBetween(variation.id, to.id) ?? byFirstLoads(variation, to, context)) : null;
      return by ? [{ variation, past, lift, by }] : [];
    })
    .sort((a, b) => a.by.sigma - b.by.sigma);
};

/** Two movements of a family compare as their first guesses do; the harder to hold is never taken for more. */
const byFirstLoads = (from: Variation, to: Variation, { person }: JudgeContext): Relative['by'] | null => {
  const [has, wants] = [guessKg(from, person), guessKg(to, person)];
  return has > 0 && wants > 0 ? { ratio: Math.min(1, wants / has), sigma: FAMILY_SIGMA } : null;
};
