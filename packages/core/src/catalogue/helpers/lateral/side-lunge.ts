import { LATERAL } from '../../bases';
import { SIDE_STRIDE, TEMPO } from '../../scales';
import type { Variation } from '../../types';

/** Step to the side and sit over that foot, the other leg straight. */
export const sideLunge = {
  ...LATERAL,
  id: 'side-lunge',
  name: 'Side lunge',
  aliases: ['lateral lunge'],
  kneeShare: 0.45,
  emphasis: { 'front-thigh': 0.6, glutes: 0.7, adductors: 0.7, 'side-hip': 0.4 },
  loadPositions: ['goblet'],
  kit: [],
  levers: [SIDE_STRIDE, TEMPO],
  siblings: [{ lever: 'surface', way: 'harder', variationId: 'slider-side-lunge' }],
  repRange: { low: 6, high: 10 },
  cues: ['Sit back over the heel', 'Straight leg long', 'Push the floor away to come back'],
  faults: ['knees-cave', 'heels-lift', 'trunk-tips', 'range-short', 'wobble'],
  cautions: ['Sore groin: shorter step, less depth.'],
  traits: ['side-lunge', 'wide'],
  figure: { maker: 'side-lunge', spread: 0.5, hipY: 0.33, hold: 'forward', feet: 'step' },
} as const satisfies Variation;
