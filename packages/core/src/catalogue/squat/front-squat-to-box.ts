import { TWO_LEG_SQUAT } from '../bases';
import { BOX_STYLE, FRONT_HOLD, HEEL_LIFT, TEMPO, TOES_OUT, TO_A_BOX } from '../scales';
import type { Variation } from '../types';

/** The first bar in front. Start again with the empty bar: the position is new. */
export const frontSquatToBox = {
  ...TWO_LEG_SQUAT,
  id: 'front-squat-to-box',
  name: 'Front squat to a box',
  aliases: ['front box squat'],
  kneeShare: 0.45,
  emphasis: { 'front-thigh': 0.85, glutes: 0.65, trunk: 0.5 },
  loadPositions: ['front-bar'],
  firstLoadShare: { novice: 0.3, trained: 0.55 },
  kit: [['barbell'], ['rack'], ['box', 'bench']],
  levers: [TO_A_BOX, FRONT_HOLD, HEEL_LIFT, BOX_STYLE, TOES_OUT, TEMPO],
  siblings: [{ lever: 'range', way: 'harder', variationId: 'front-squat' }],
  jumpOn: 'external',
  setUpSeconds: 120,
  cues: ['Elbows to the wall', 'Touch, don’t sit', 'Chest and hips up together'],
  faults: ['elbows-drop', 'collapses-on-the-box', 'chest-falls', 'knees-cave', 'low-back-rounds', 'range-short'],
  cautions: ['Safeties just under the lowest bar height.', 'Collars on.'],
  traits: ['front-rack', 'heavy-brace', 'box-target', 'two-leg-symmetric'],
  prerequisites: ['goblet-squat'],
  figure: {
    maker: 'squat',
    carry: 'front-bar',
    hold: 'front-bar',
    thighDeg: 92,
    boxCm: 40,
    loadKg: 40,
    implement: { piece: 'bar', at: 'shoulders-front' },
  },
} as const satisfies Variation;
