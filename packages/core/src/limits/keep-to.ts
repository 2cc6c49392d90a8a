import type { LeverScale, Variation } from '../catalogue';
import type { LeverId, LeverValue, LeverValues, Reason } from '../vocabulary';
import type { RestrictionId } from './types';

/** How a restriction is kept: a setting of the movement, a trait it must have, or only by the trainer's eye. */
type Way =
  | { by: 'setting'; lever: LeverId; to: 'first' | 'easier' | { value: LeverValue } }
  | { by: 'trait'; trait: 'box-target' }
  | { by: 'eye' };

const setting = (lever: LeverId, to: 'first' | 'easier' | { value: LeverValue } = 'easier'): Way => ({
  by: 'setting',
  lever,
  to,
});
const EYE: readonly Way[] = [{ by: 'eye' }];
const BOX: Way = { by: 'trait', trait: 'box-target' };

/** The ways to keep to each restriction, the first that the movement has. Common practice, no source. */
const WAYS: Record<RestrictionId, readonly Way[]> = {
  'knee-travel-limited': [setting('knee-travel', { value: 'limited' }), BOX, setting('box-height', { value: 45 })],
  'box-above-sore-range': [
    BOX,
    setting('box-height', { value: 45 }),
    setting('pad-height'),
    setting('step-height'),
    setting('range'),
  ],
  'low-step-few-reps': [setting('step-height')],
  'kneel-by-contact-pain': EYE,
  'heel-lift-only-pain-free': EYE,
  'box-above-pinch': [BOX, setting('box-height', { value: 45 })],
  'mid-range': [setting('range'), setting('bar-height')],
  'no-crossing': EYE,
  'no-hip-drop': EYE,
  'short-stride': [setting('stride', 'first')],
  'feet-near': [setting('foot-distance', 'first')],
  'less-range': [setting('range'), setting('pad-height'), setting('stride', 'first'), setting('step-height')],
  narrower: [setting('stance-width', { value: 'shoulder' })],
  'lighter-and-higher': [setting('range'), setting('bar-height')],
  'keep-load-close': EYE,
  'no-lean-back': EYE,
  'ribs-down-overhead': EYE,
  'lower-rear-foot': [setting('rear-elevation')],
  'heel-lift-or-box': [BOX, setting('heel-lift', { value: 25 }), setting('box-height', { value: 45 })],
  'heel-by-pain': EYE,
  'calf-by-pain': EYE,
  'head-supported': EYE,
  'front-hold-instead': EYE,
  'crossed-or-straps': [setting('front-hold', { value: 'crossed' })],
  'on-fists': EYE,
  'load-off-the-hands': [setting('grip', { value: 'straps' })],
  'support-on': [setting('support', { value: 'one-hand' })],
  'small-steps': EYE,
  'slow-small-steps': EYE,
  'rise-slowly': EYE,
  spotter: EYE,
  'thick-pad': EYE,
  'no-impact': EYE,
  'not-flat-for-long': EYE,
  'symptoms-ease': EYE,
  'keep-breathing': EYE,
};

const notchFor = (scale: LeverScale, to: 'first' | 'easier' | { value: LeverValue }): LeverValue | undefined => {
  if (typeof to === 'object') return scale.steps.find((step) => step === to.value);
  if (to === 'first') return scale.steps[0];
  return scale.ordered ? scale.steps[Math.max(0, scale.usual - 1)] : undefined;
};

/** How a movement can keep to what restricts it: the settings to use, and the restrictions nothing of it can keep. */
export interface Kept {
  values: LeverValues;
  notKept: readonly RestrictionId[];
}

/**
 * Settings that keep a movement within its restrictions. A restriction the movement has no setting for is named in
 * `notKept`, so that another movement may be taken first; one that only the trainer's eye can keep counts as kept.
 * @example keepTo(gobletSquat, ['knee-travel-limited']).values // { 'knee-travel': 'limited' }
 */
export const keepTo = (variation: Variation, restrictions: readonly RestrictionId[]): Kept => {
  const values: LeverValues = {};
  const notKept: RestrictionId[] = [];
  for (const restriction of restrictions) {
    if (!keep(variation, restriction, values)) notKept.push(restriction);
  }
  return { values, notKept };
};

const keep = (variation: Variation, restriction: RestrictionId, values: LeverValues): boolean => {
  for (const way of WAYS[restriction]) {
    if (way.by === 'eye') return true;
    if (way.by === 'trait') {
      if (variation.traits.includes(way.trait)) return true;
      continue;
    }
    const scale = variation.levers.find(({ lever }) => lever === way.lever);
    const notch = scale ? notchFor(scale, way.to) : undefined;
    if (notch === undefined) continue;
    values[way.lever] = notch;
    return true;
  }
  return false;
};

/** The restrictions among reasons, in order. */
export const restrictionsIn = (reasons: readonly Reason[]): RestrictionId[] =>
  reasons.flatMap((given) => (given.code === 'limit-restricts' ? [given.values.how as RestrictionId] : []));
