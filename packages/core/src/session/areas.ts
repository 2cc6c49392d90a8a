import type { Variation } from '../catalogue';
import type { Family, JointArea, SoreMuscle } from '../vocabulary';

/** From this share of a movement's work on, a sore muscle or a joint counts as worked by it. House defaults. */
const WORKED = { muscle: 0.4, knee: 0.35, groin: 0.3, lowBack: 0.25 } as const;

const HIP: ReadonlySet<Family> = new Set(['squat', 'lunge', 'hinge', 'bridge', 'step', 'lateral', 'power']);
const ANKLE: ReadonlySet<Family> = new Set(['squat', 'lunge', 'step', 'lateral', 'calf', 'power']);

/** Whether a movement works a muscle enough for its soreness to matter. */
export const worksMuscle = ({ emphasis }: Pick<Variation, 'emphasis'>, muscle: SoreMuscle): boolean =>
  (emphasis[muscle] ?? 0) >= WORKED.muscle;

/**
 * Whether a movement loads a joint enough for its pain to matter. Common practice, no source: knees by their share of
 * the work, hips and ankles by family, the low back where a hinge or a bar loads it.
 */
export const loadsJoint = (
  variation: Pick<Variation, 'family' | 'kneeShare' | 'emphasis' | 'traits'>,
  area: JointArea,
): boolean => {
  const { family, kneeShare, emphasis, traits } = variation;
  switch (area) {
    case 'knee':
      return HIP.has(family) && kneeShare >= WORKED.knee;
    case 'hip':
      return HIP.has(family);
    case 'groin':
      return (emphasis.adductors ?? 0) >= WORKED.groin || traits.includes('wide') || traits.includes('side-lunge');
    case 'low-back':
      return (
        family === 'hinge' ||
        (emphasis['low-back'] ?? 0) >= WORKED.lowBack ||
        traits.includes('back-bar') ||
        traits.includes('floor-pull')
      );
    case 'ankle-foot':
      return ANKLE.has(family);
  }
};
