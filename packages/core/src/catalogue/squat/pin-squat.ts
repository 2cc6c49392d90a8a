import { TWO_LEG_SQUAT } from '../bases';
import { BAR_PLACE, STANCE_WIDTH, TEMPO, TOES_OUT } from '../scales';
import type { Variation } from '../types';

/** Starts or stops on the safeties: no bounce, strength out of the bottom. */
export const pinSquat = {
  ...TWO_LEG_SQUAT,
  id: 'pin-squat',
  name: 'Pin squat',
  aliases: ['dead-stop squat'],
  kneeShare: 0.42,
  emphasis: { 'front-thigh': 0.85, glutes: 0.75, 'low-back': 0.35 },
  loadPositions: ['back-bar'],
  firstLoadShare: { novice: 0.35, trained: 0.7 },
  kit: [['barbell'], ['rack']],
  levers: [BAR_PLACE, STANCE_WIDTH, TOES_OUT, TEMPO],
  setUpSeconds: 150,
  repRange: { low: 3, high: 6 },
  cues: ['Settle, then drive', 'Stay tight on the pins', 'Chest and hips up together'],
  faults: ['hips-shoot-up', 'knees-cave', 'low-back-rounds', 'breath-held'],
  cautions: ['Set the pins where the back stays long.'],
  traits: ['back-bar', 'heavy-brace', 'two-leg-symmetric'],
  prerequisites: ['back-squat'],
  figure: {
    maker: 'squat',
    carry: 'high-back-bar',
    hold: 'back-bar',
    thighDeg: 88,
    loadKg: 75,
    implement: { piece: 'bar', at: 'shoulders-back' },
    props: [
      { kind: 'line', from: { x: -0.2, y: 0.56 }, to: { x: 0.3, y: 0.56 }, look: 'frame' },
      { kind: 'pole', x: 0.3, h: 0.9 },
    ],
  },
} as const satisfies Variation;
