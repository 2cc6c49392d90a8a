import { getVariation } from '../../catalogue';
import type { LeverScale, Rung, Variation } from '../../catalogue';
import { valueAt } from '../../catalogue/knowledge';
import { reason } from '../../vocabulary';
import type { LeverId, LeverValues, Reason } from '../../vocabulary';
import type { ExerciseLog } from '../types';

/** Settings that help somebody through a movement: where they stand easier than the stage has them, they are aids. */
const AIDS: ReadonlySet<LeverId> = new Set(['support', 'box-height', 'pad-height', 'heel-lift', 'counterweight', 'range']);

const stepOf = (scale: LeverScale, values: LeverValues): number => scale.steps.indexOf(valueAt(scale, values));

const aidsOf = (variation: Variation): readonly LeverScale[] =>
  variation.levers.filter((scale) => scale.ordered && AIDS.has(scale.lever));

/** Whether a session had more help than this one: what it showed is not shown as it is done now. */
export const isAidedMore = ({ variation, values }: Pick<ExerciseLog, 'variation' | 'values'>, then: LeverValues): boolean =>
  aidsOf(variation).some((scale) => stepOf(scale, then) < stepOf(scale, values));

/**
 * The aids somebody needs at a stage and what becomes of them on another: those it has a notch for come along, unless the stage
 * is that very setting; the first it has none for is what must go before it is earned.
 */
export const aidsAlong = (
  log: Pick<ExerciseLog, 'variation' | 'values' | 'context'>,
  from: Rung,
  to: Rung,
): { along: LeverValues; lacks: Reason | null } => {
  const into = getVariation(log.context.catalogue, to.variationId);
  let along: LeverValues = {};
  for (const scale of aidsOf(log.variation)) {
    const value = valueAt(scale, log.values);
    if (stepOf(scale, log.values) >= stepOf(scale, from.values ?? {})) continue;
    const there = into.levers.find(({ lever }) => lever === scale.lever);
    if (to.values?.[scale.lever] !== undefined) continue;
    if (!there?.steps.includes(value))
      return { along: {}, lacks: reason('gate-with-aid', { lever: scale.lever, value, unit: scale.unit }, 'common-practice') };
    along = { ...along, [scale.lever]: value };
  }
  return { along, lacks: null };
};

/** Pain from here on, in so many days, earns no stage. House default. */
const PAIN = { from: 3, days: 14 } as const;

/** The worst pain of the movement in the last two weeks, where it is too much for a new stage; null: it isn't. */
export const painLately = ({ past, sets, day }: Pick<ExerciseLog, 'past' | 'sets' | 'day'>): Reason | null => {
  const lately = [...past.filter((session) => session.day > day - PAIN.days).flatMap((session) => session.sets), ...sets];
  const worst = Math.max(0, ...lately.map(({ jointPain }) => jointPain ?? 0));
  return worst >= PAIN.from ? reason('gate-with-pain', { pain: worst, days: PAIN.days }, 'common-practice') : null;
};
