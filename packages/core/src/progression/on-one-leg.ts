import { findVariation } from '../catalogue';
import { LADDERS } from '../catalogue/knowledge';
import { firstDose, mayGoRound, wentRound } from '../dose';
import { startingLoad } from './gates/move-on';
import { accessTo, takenOn } from '../selection';
import { reason } from '../vocabulary';
import type { Family } from '../vocabulary';
import type { ExerciseLog, Outcome } from './types';

/**
 * Where two-leg and side-to-side work goes on when nothing makes it harder any more: the first of these stages that is open. Who squats
 * deep to one side stands over one leg already. House default.
 */
const ONE_LEG: Partial<Record<Family, { ladder: string; rungs: readonly string[] }>> = {
  hinge: { ladder: 'one-leg-hinge', rungs: ['staggered'] },
  squat: { ladder: 'one-leg-squat', rungs: ['bench-step', 'heel-tap', 'low-step'] },
  lateral: { ladder: 'one-leg-squat', rungs: ['behind', 'heel-tap', 'bench-step', 'low-step'] },
};

/**
 * One leg at a time, on a low stage of the family's one-leg ladder that is open here: what is left where the heaviest there is, its
 * settings and its ranges are used up. Null: the movement is on one leg already, or nothing is open.
 */
export const onOneLeg = (log: ExerciseLog): Outcome | null => {
  const { variation, context, dose } = log;
  const onto = ONE_LEG[variation.family];
  if (!onto || (variation.stance !== 'two-leg' && variation.family !== 'lateral')) return null;
  const ladder = LADDERS.find(({ id }) => id === onto.ladder);
  for (const id of onto.rungs) {
    const rung = ladder?.rungs.find((one) => one.id === id);
    const found = rung && findVariation(context.catalogue, rung.variationId);
    if (!found || accessTo(found, context).state !== 'open') continue;
    const { variation: to, values } = takenOn(found, rung.values ?? {}, context);
    if ((log.goesRound || wentRound(dose)) && !mayGoRound(to)) continue;
    const { dose: first } = firstDose(context.person, to, context.kit, values);
    const load = startingLoad(log, to, values, first.load);
    const told = { fromVariationId: variation.id, toVariationId: to.id };
    return {
      verdict: 'move-up',
      change: { lever: 'variation', from: variation.id, to: to.id },
      variationId: to.id,
      values,
      dose: {
        ...first,
        load,
        sets: Math.max(dose.sets, log.usual?.sets ?? 0),
        restSeconds: dose.restSeconds,
        reserve: dose.reserve,
        repsAim: first.seconds === undefined ? first.repsLow : undefined,
      },
      memory: {},
      reasons: [
        reason('one-leg-next', { ...told, loadKg: load.externalKg }, 'common-practice'),
        reason('rung-dose', { ...told, loadKg: load.externalKg }, 'common-practice'),
      ],
    };
  }
  return null;
};
