import { TWO_LEG_SQUAT } from '../bases';
import { SUPPORT, TEMPO, TO_A_CHAIR } from '../scales';
import type { Variation } from '../types';

/** The first squat: from a seat at knee height or over, hands helping and then not. */
export const chairSitToStand = {
  ...TWO_LEG_SQUAT,
  id: 'chair-sit-to-stand',
  name: 'Chair sit-to-stand',
  aliases: ['sit to stand', 'chair squat', 'box stand'],
  kneeShare: 0.48,
  emphasis: { 'front-thigh': 0.7, glutes: 0.6, balance: 0.2 },
  loadPositions: ['none'],
  firstLoadShare: { novice: 0, trained: 0 },
  kit: [['chair', 'box', 'bench']],
  levers: [SUPPORT, TO_A_CHAIR, TEMPO],
  unloadedAllowed: true,
  startsAt: 'bottom',
  holdsAt: { bottom: 'seated', top: 'standing tall' },
  repRange: { low: 8, high: 12 },
  setUpSeconds: 20,
  cues: ['Feet under the knees', 'Lean, then stand', 'Lower, don’t drop'],
  faults: ['collapses-on-the-box', 'knees-cave', 'weight-rolls', 'hips-shift', 'range-short'],
  cautions: ['Chair against a wall.', 'Dizzy on standing: pause before the next rep.'],
  traits: ['box-target', 'supported', 'two-leg-symmetric'],
  figure: { maker: 'squat', carry: 'none', hold: 'forward', thighDeg: 92, boxCm: 50, support: { x: 0.3, y: 0.6, look: 'pole' } },
} as const satisfies Variation;
