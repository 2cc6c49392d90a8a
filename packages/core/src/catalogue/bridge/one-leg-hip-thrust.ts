import { THRUST } from '../bases';
import { FOOT_DISTANCE, TEMPO, TOP_HOLD } from '../scales';
import type { Variation } from '../types';

/** One foot on the floor, the other knee up. */
export const oneLegHipThrust = {
  ...THRUST,
  id: 'one-leg-hip-thrust',
  name: 'One-leg hip thrust',
  aliases: ['single-leg hip thrust'],
  kneeShare: 0.05,
  emphasis: { glutes: 1, hamstrings: 0.45, 'side-hip': 0.4 },
  loadPositions: ['hips'],
  firstLoadShare: { novice: 0, trained: 0.2 },
  kit: [['bench']],
  levers: [FOOT_DISTANCE, TOP_HOLD, TEMPO],
  siblings: [{ lever: 'base', way: 'easier', variationId: 'staggered-hip-thrust' }],
  stance: 'one-leg',
  repRange: { low: 8, high: 15 },
  setUpSeconds: 30,
  cues: ['Hips level', 'Free knee stays up', 'Trunk level, no higher'],
  faults: ['hips-twist', 'no-full-hip-extension', 'felt-in-low-back', 'range-short'],
  cautions: ['Bench against a wall.'],
  traits: ['one-leg-unsupported'],
  prerequisites: ['staggered-hip-thrust'],
  figure: { maker: 'bridge', benchCm: 40, legs: 'one-raised', arms: 'folded' },
} as const satisfies Variation;
