import { THRUST } from '../bases';
import { FOOT_DISTANCE, TEMPO, TOP_HOLD } from '../scales';
import type { Variation } from '../types';

/** Bar on a thick pad across the hips. */
export const barbellHipThrust = {
  ...THRUST,
  id: 'barbell-hip-thrust',
  name: 'Barbell hip thrust',
  aliases: ['bar hip thrust'],
  kneeShare: 0.05,
  emphasis: { glutes: 1, hamstrings: 0.4 },
  loadPositions: ['hips'],
  firstLoadShare: { novice: 0.25, trained: 0.8 },
  kit: [['bench'], ['barbell'], ['pad']],
  levers: [FOOT_DISTANCE, TOP_HOLD, TEMPO],
  siblings: [{ lever: 'load-position', way: 'easier', variationId: 'dumbbell-hip-thrust' }],
  unloadedAllowed: false,
  setUpSeconds: 120,
  cues: ['Ribs down, chin tucked', 'Heels under the knees at the top', 'Trunk level, no higher'],
  faults: ['low-back-over-arches', 'no-full-hip-extension', 'felt-in-low-back', 'knees-cave', 'range-short'],
  cautions: ['Bench against a wall.', 'Thick pad under the bar.'],
  traits: ['hip-bar', 'heavy-brace', 'two-leg-symmetric'],
  prerequisites: ['dumbbell-hip-thrust'],
  figure: {
    maker: 'bridge',
    benchCm: 40,
    legs: 'two',
    arms: 'on-hips',
    implement: { piece: 'bar', at: 'hips', fullDiscs: true },
  },
} as const satisfies Variation;
