import { LUNGE } from '../bases';
import { PAD_HEIGHT, STRIDE, SUPPORTED, TEMPO } from '../scales';
import type { Variation } from '../types';

/** Straps take weight off the legs and steady the trunk. */
export const strapAssistedSplitSquat = {
  ...LUNGE,
  id: 'strap-assisted-split-squat',
  name: 'Strap-assisted split squat',
  aliases: ['strap split squat'],
  kneeShare: 0.45,
  emphasis: { 'front-thigh': 0.7, glutes: 0.7 },
  loadPositions: ['none'],
  kit: [['strap', 'doorway']],
  levers: [SUPPORTED, PAD_HEIGHT, STRIDE, TEMPO],
  siblings: [{ lever: 'support', way: 'harder', variationId: 'split-squat' }],
  firstLoadShare: { novice: 0, trained: 0 },
  cues: ['Hands help as little as they can', 'Straight down, straight up', 'Knee follows the toes'],
  faults: ['knees-cave', 'front-heel-lifts', 'pushes-from-the-back-leg', 'range-short'],
  cautions: ['Check the anchor before the first rep.'],
  traits: ['supported'],
  figure: { maker: 'split', step: 'none', carry: 'none', hold: 'forward', support: { x: 0.26, y: 0.6, look: 'strap' } },
} as const satisfies Variation;
