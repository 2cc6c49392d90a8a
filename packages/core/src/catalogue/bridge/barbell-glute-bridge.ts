import { BRIDGE } from '../bases';
import { FOOT_DISTANCE, TEMPO, TOP_HOLD } from '../scales';
import type { Variation } from '../types';

/** Bar on a thick pad across the hips. */
export const barbellGluteBridge = {
  ...BRIDGE,
  id: 'barbell-glute-bridge',
  name: 'Barbell glute bridge',
  aliases: ['bar bridge', 'weighted floor bridge'],
  kneeShare: 0,
  emphasis: { glutes: 0.95, hamstrings: 0.45 },
  loadPositions: ['hips'],
  kit: [['barbell'], ['pad']],
  levers: [FOOT_DISTANCE, TOP_HOLD, TEMPO],
  siblings: [{ lever: 'load-position', way: 'easier', variationId: 'glute-bridge' }],
  unloadedAllowed: false,
  repRange: { low: 8, high: 12 },
  setUpSeconds: 90,
  firstLoadShare: { novice: 0.25, trained: 0.7 },
  cues: ['Chin tucked, eyes forward', 'Heels heavy', 'One or two seconds on top'],
  faults: ['no-full-hip-extension', 'felt-in-low-back', 'head-tips-back', 'knees-cave', 'range-short'],
  cautions: ['Thick pad under the bar.', 'Not on blood thinners without one, nor in pregnancy.'],
  traits: ['hip-bar', 'flat-on-back', 'two-leg-symmetric'],
  prerequisites: ['glute-bridge'],
  figure: { maker: 'bridge', benchCm: 0, legs: 'two', arms: 'on-hips', implement: { piece: 'bar', at: 'hips' } },
} as const satisfies Variation;
