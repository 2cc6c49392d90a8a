import { TWO_LEG_SQUAT } from '../bases';
import { BAR_PLACE, BOX_STYLE, STANCE_WIDTH, TEMPO, TOES_OUT, TO_A_BOX } from '../scales';
import type { Variation } from '../types';

/** Bar high on the upper back, hips to a box: teaches sitting back and a set depth. */
export const backSquatToBox = {
  ...TWO_LEG_SQUAT,
  id: 'back-squat-to-box',
  name: 'Back squat to a box',
  aliases: ['box squat with a bar'],
  kneeShare: 0.38,
  emphasis: { 'front-thigh': 0.75, glutes: 0.75, hamstrings: 0.3, 'low-back': 0.3 },
  loadPositions: ['back-bar'],
  firstLoadShare: { novice: 0.4, trained: 0.7 },
  kit: [['barbell'], ['rack'], ['box', 'bench']],
  levers: [TO_A_BOX, BAR_PLACE, BOX_STYLE, STANCE_WIDTH, TOES_OUT, TEMPO],
  siblings: [{ lever: 'range', way: 'harder', variationId: 'back-squat' }],
  setUpSeconds: 120,
  cues: ['Hips back to the box', 'Touch, don’t sit', 'Spread the floor'],
  faults: ['collapses-on-the-box', 'knees-cave', 'hips-shoot-up', 'low-back-rounds', 'range-short'],
  cautions: ['Bar on the upper back, never on the neck.', 'Safeties just under the lowest bar height.'],
  traits: ['back-bar', 'heavy-brace', 'box-target', 'two-leg-symmetric'],
  prerequisites: ['goblet-squat'],
  figure: {
    maker: 'squat',
    carry: 'high-back-bar',
    hold: 'back-bar',
    thighDeg: 92,
    boxCm: 40,
    loadKg: 50,
    implement: { piece: 'bar', at: 'shoulders-back' },
  },
} as const satisfies Variation;
