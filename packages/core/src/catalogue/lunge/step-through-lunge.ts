import { LUNGE } from '../bases';
import { STRIDE, TEMPO } from '../scales';
import type { Variation } from '../types';

/** Back lunge and forward lunge on one leg without putting the other down between. */
export const stepThroughLunge = {
  ...LUNGE,
  id: 'step-through-lunge',
  name: 'Step-through lunge',
  aliases: ['reverse-to-forward lunge'],
  kneeShare: 0.45,
  emphasis: { 'front-thigh': 0.75, glutes: 0.75, balance: 0.7 },
  loadPositions: ['sides'],
  firstLoadShare: { novice: 0, trained: 0.15 },
  kit: [],
  levers: [STRIDE, TEMPO],
  cues: ['Stand tall in the middle', 'Land soft, whole foot', 'Feet on two rails'],
  faults: ['wobble', 'lands-instead-of-lowers', 'knees-cave', 'trunk-tips'],
  cautions: ['Steady on one leg first.'],
  traits: ['forward-step', 'one-leg-unsupported'],
  prerequisites: ['walking-lunge'],
  figure: { maker: 'split', step: 'back', carry: 'sides', hold: 'hang', leanDeg: 10, strideCm: 80 },
} as const satisfies Variation;
