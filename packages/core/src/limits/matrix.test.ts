import { builtInCatalogue, getVariation } from '../catalogue';
import type { LimitId, LimitState } from '../vocabulary';
import { limitOn } from '.';

type Row = readonly [limit: LimitId, severity: number | null, wants: Readonly<Record<string, LimitState>>];

/**
 * The limits table row by row: what each locks, restricts and favours, on movements the row names.
 * Source: usual clinical and coaching practice, from memory.
 */
const ROWS: readonly Row[] = [
  [
    'knee-front',
    3,
    { 'knee-forward-squat': 'locked', 'kneeling-one-leg-squat': 'locked', 'forward-lunge': 'open', 'box-jump': 'open' },
  ],
  [
    'knee-front',
    3,
    { 'step-up': 'restricted', 'goblet-squat': 'restricted', 'kettlebell-deadlift': 'favoured', 'glute-bridge': 'favoured' },
  ],
  [
    'knee-front',
    4,
    { 'forward-lunge': 'locked', 'walking-lunge': 'locked', 'deficit-reverse-lunge': 'locked', 'box-jump': 'locked' },
  ],
  [
    'knee-front',
    5,
    { 'bodyweight-box-squat': 'favoured', 'reverse-lunge': 'favoured', 'split-squat': 'favoured', 'wall-sit': 'favoured' },
  ],
  [
    'hip-front',
    4,
    {
      'cossack-squat': 'locked',
      'goblet-squat': 'restricted',
      'dumbbell-romanian-deadlift': 'restricted',
      'glute-bridge': 'favoured',
    },
  ],
  ['hip-outer', 4, { 'curtsy-lunge': 'restricted', 'glute-bridge': 'favoured' }],
  ['hamstring-sit-bone', 4, { 'dumbbell-romanian-deadlift': 'restricted', 'glute-bridge': 'favoured' }],
  [
    'groin',
    4,
    {
      'cossack-squat': 'locked',
      'side-lunge': 'locked',
      'wide-stance-deadlift': 'locked',
      'ball-squeeze-glute-bridge': 'favoured',
    },
  ],
  ['groin', 3, { 'side-lunge': 'restricted' }],
  [
    'low-back-bending',
    4,
    { deadlift: 'locked', 'kettlebell-swing': 'locked', 'one-leg-romanian-deadlift': 'locked', 'back-squat': 'locked' },
  ],
  [
    'low-back-bending',
    4,
    {
      'dumbbell-romanian-deadlift': 'restricted',
      'goblet-squat': 'favoured',
      'split-squat': 'favoured',
      'belly-held-hinge': 'restricted',
    },
  ],
  [
    'low-back-arching',
    4,
    { 'barbell-hip-thrust': 'restricted', 'overhead-squat': 'restricted', 'rear-foot-elevated-split-squat': 'restricted' },
  ],
  ['ankle-stiff', 3, { 'goblet-squat': 'restricted', 'glute-bridge': 'favoured', 'kettlebell-deadlift': 'favoured' }],
  ['ankle-achilles-calf-foot', 1, { 'box-jump': 'locked', 'broad-jump': 'locked' }],
  ['ankle-achilles-calf-foot', 4, { 'walking-lunge': 'locked', 'one-leg-calf-raise': 'locked', 'goblet-squat': 'favoured' }],
  ['neck', 4, { 'back-squat': 'locked', 'face-up-plank': 'locked', 'glute-bridge': 'restricted' }],
  ['shoulder', 4, { 'overhead-squat': 'locked', 'get-up': 'locked', 'back-squat': 'restricted', 'goblet-squat': 'favoured' }],
  ['wrist', 4, { 'front-squat': 'restricted', 'plank-clock-reach': 'locked' }],
  ['grip', 4, { deadlift: 'restricted', 'goblet-squat': 'favoured', 'barbell-hip-thrust': 'favoured' }],
  [
    'balance',
    null,
    {
      'one-leg-squat': 'locked',
      'walking-lunge': 'locked',
      'split-squat': 'restricted',
      'tandem-stance': 'favoured',
      // Both hands hold the weight, so none holds on.
      'goblet-split-squat': 'locked',
      'rack-split-squat': 'locked',
      'rear-foot-elevated-split-squat': 'locked',
      'reverse-lunge': 'restricted',
    },
  ],
  ['fragile-bones', null, { 'box-jump': 'locked', 'kettlebell-swing': 'locked', 'goblet-squat': 'favoured' }],
  ['loose-joints', null, { 'deep-squat-hold': 'locked', 'bodyweight-box-squat': 'favoured' }],
  ['blood-pressure-raised', null, { 'goblet-squat': 'locked', 'glute-bridge': 'locked', 'walking-lunge': 'locked' }],
  ['heart-pressure-stroke-cleared', null, { 'back-squat': 'restricted', 'glute-bridge': 'restricted' }],
  ['epilepsy', null, { 'back-squat': 'locked', 'overhead-squat': 'locked', 'goblet-squat': 'open' }],
  ['eye-retina', null, { deadlift: 'locked', 'goblet-squat': 'open' }],
  ['blood-thinners', null, { 'barbell-hip-thrust': 'locked', 'box-jump': 'restricted' }],
  [
    'pregnancy',
    null,
    { 'barbell-hip-thrust': 'locked', 'belly-held-hinge': 'locked', 'walking-lunge': 'locked', 'glute-bridge': 'restricted' },
  ],
  ['pregnancy', null, { 'box-jump': 'locked', 'goblet-squat': 'favoured', 'one-leg-romanian-deadlift': 'locked' }],
  ['pelvic-girdle', null, { 'cossack-squat': 'locked', 'one-leg-squat': 'locked', 'goblet-squat': 'favoured' }],
  ['recent-birth', null, { 'box-jump': 'locked', 'glute-bridge': 'favoured' }],
  ['hernia-caesarean', null, { 'belly-held-hinge': 'locked', 'barbell-hip-thrust': 'locked' }],
];

describe.each(ROWS)('%s at %s', (limit, severity, wants) => {
  it.each(Object.entries(wants))('%s is %s', (id, want) =>
    expect(limitOn(getVariation(builtInCatalogue, id), [{ limit, severity }]).state).toBe(want),
  );
});
