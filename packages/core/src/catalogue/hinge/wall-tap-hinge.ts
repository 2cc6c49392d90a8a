import { HINGE } from '../bases';
import { RANGE, SUPPORT, TEMPO } from '../scales';
import type { Variation } from '../types';

/** Hips reach back to a wall behind; each step away asks a little more. */
export const wallTapHinge = {
  ...HINGE,
  id: 'wall-tap-hinge',
  name: 'Wall-tap hinge',
  aliases: ['wall hinge', 'hip tap'],
  kneeShare: 0.1,
  emphasis: { hamstrings: 0.5, glutes: 0.5, mobility: 0.4 },
  loadPositions: ['none'],
  firstLoadShare: { novice: 0, trained: 0 },
  kit: [['wall']],
  levers: [RANGE, SUPPORT, TEMPO],
  unloadedAllowed: true,
  repRange: { low: 10, high: 12 },
  setUpSeconds: 15,
  cues: ['Tail taps the wall', 'Shins still', 'Long neck'],
  faults: ['hinge-turns-into-a-squat', 'low-back-rounds', 'falls-backward', 'no-full-hip-extension'],
  cautions: ['Stand a hand from the wall to begin.'],
  traits: ['two-leg-symmetric'],
  figure: { maker: 'hinge', kneeDeg: 22, hands: 0.24, loadKg: 0, legs: 'two', props: [{ kind: 'wall', x: -0.34, h: 0.7 }] },
} as const satisfies Variation;
