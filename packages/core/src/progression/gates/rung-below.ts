import { getVariation } from '../../catalogue';
import type { Ladder, Rung } from '../../catalogue';
import { neighbours } from '../../catalogue/knowledge';
import { firstDose } from '../../dose';
import { accessTo, takenOn } from '../../selection';
import { reason } from '../../vocabulary';
import type { ExerciseLog, Outcome } from '../types';
import { rungOf } from './next-rung';

/** The hardest open stage right below one; stages that a limit or the kit locks are passed. */
const openBelow = (ladder: Ladder, rung: Rung, context: ExerciseLog['context']): Rung | null => {
  const before = neighbours(ladder, rung.id).before.filter(({ aside }) => !aside);
  const isOpen = ({ variationId }: Rung) => accessTo(getVariation(context.catalogue, variationId), context).state !== 'locked';
  const open = before.filter(isOpen);
  const found = open.length > 0 ? open : before.flatMap((locked) => openBelow(ladder, locked, context) ?? []);
  return [...found].sort((a, b) => b.stage - a.stage)[0] ?? null;
};

/** The stage below with the dose it starts at: where neither load nor settings go any lower. Null on no ladder, or at its foot. */
export const toRungBelow = (log: ExerciseLog): Omit<Outcome, 'verdict'> | null => {
  const { context, variation, values, dose } = log;
  const found = rungOf(variation.id, values, dose.load);
  const rung = found && openBelow(found.ladder, found.rung, context);
  if (!rung) return null;
  const { variation: below, values: settings } = takenOn(
    getVariation(context.catalogue, rung.variationId),
    rung.values ?? {},
    context,
  );
  const first = firstDose(context.person, below, context.kit, settings).dose;
  const named = { fromVariationId: variation.id, toVariationId: below.id };
  return {
    change: { lever: 'variation', from: variation.id, to: below.id },
    variationId: below.id,
    values: settings,
    dose: {
      ...first,
      sets: dose.sets,
      restSeconds: dose.restSeconds,
      reserve: dose.reserve,
      repsAim: first.seconds === undefined ? first.repsLow : undefined,
    },
    memory: {},
    reasons: [
      reason('rung-below', named, 'common-practice'),
      reason('rung-dose', { ...named, loadKg: first.load.externalKg }, 'common-practice'),
    ],
  };
};
