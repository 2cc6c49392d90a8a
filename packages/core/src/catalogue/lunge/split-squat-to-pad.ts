import { LUNGE } from '../bases';
import { ON_A_PAD, STRIDE, SUPPORTED, TEMPO } from '../scales';
import type { Variation } from '../types';

/** Down to a raised pad with a stick or wall to hold. */
export const splitSquatToPad = {
  ...LUNGE,
  id: 'split-squat-to-pad',
  name: 'Split squat to a pad, supported',
  aliases: ['assisted split squat'],
  kneeShare: 0.42,
  emphasis: { 'front-thigh': 0.7, glutes: 0.7, balance: 0.3 },
  loadPositions: ['none'],
  kit: [['pad'], ['stick', 'wall']],
  levers: [SUPPORTED, ON_A_PAD, STRIDE, TEMPO],
  siblings: [{ lever: 'support', way: 'harder', variationId: 'split-squat' }],
  firstLoadShare: { novice: 0, trained: 0 },
  repRange: { low: 6, high: 8 },
  setUpSeconds: 40,
  cues: ['Straight down, straight up', 'Touch the pad, don’t rest', 'Front foot: heel to middle'],
  faults: ['knees-cave', 'wobble', 'front-heel-lifts', 'pushes-from-the-back-leg', 'range-short'],
  cautions: ['Sore kneecap: a thicker pad and less depth.'],
  traits: ['supported'],
  figure: { maker: 'split', step: 'none', carry: 'none', hold: 'hang', padCm: 15, support: { x: 0.26, y: 0.56, look: 'pole' } },
} as const satisfies Variation;
