import { oneNotch } from '../catalogue/knowledge';
import { tempoAfter } from '../dose';
import type { Load } from '../kit';
import { reason } from '../vocabulary';
import type { LeverId, LeverValues } from '../vocabulary';
import type { ExerciseLog, Outcome } from './types';

/** Which settings are moved first when the load can't be: the smallest change of the movement first. Common practice. */
const PRIORITY: readonly LeverId[] = [
  'top-hold',
  'tempo',
  'box-height',
  'pad-height',
  'range',
  'step-height',
  'rear-elevation',
  'feet-elevation',
  'front-elevation',
  'deficit',
  'support',
  'arms',
];

/** One notch on the first setting that has one that way, everything else as it was; null when there is none. */
export const lever = (
  { context, variation, values, dose }: Pick<ExerciseLog, 'context' | 'variation' | 'values' | 'dose'>,
  load: Load,
  way: 'easier' | 'harder',
): Outcome | null => {
  const notches = oneNotch(context.catalogue, variation, values, way).filter((notch) => notch.kind === 'lever');
  const [first] = notches
    .filter((notch) => PRIORITY.includes(notch.lever))
    .sort((a, b) => PRIORITY.indexOf(a.lever) - PRIORITY.indexOf(b.lever));
  if (!first) return null;
  const { lever: id, from, to, unit } = first;
  const moved: LeverValues = { ...values, [id]: to };
  return {
    verdict: way === 'harder' ? 'move-up' : 'ease-back',
    change: { lever: id, from, to },
    dose: {
      ...dose,
      load,
      tempo: tempoAfter(variation, dose.tempo, id, to),
      ...(way === 'harder' ? { repsBeyond: 0, repsAim: dose.repsLow } : {}),
    },
    values: moved,
    reasons: [reason('lever-notch', { lever: id, from, to, unit }, 'common-practice')],
  };
};
