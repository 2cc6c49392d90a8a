import { HINGE } from '../bases';
import { RANGE, TEMPO } from '../scales';
import type { Variation } from '../types';

/** Bar on the back, hips back: light, slow, honest. */
export const goodMorning = {
  ...HINGE,
  id: 'good-morning',
  name: 'Good morning',
  aliases: ['bar good morning'],
  kneeShare: 0.05,
  emphasis: { hamstrings: 0.85, glutes: 0.7, 'low-back': 0.7 },
  loadPositions: ['back-bar'],
  firstLoadShare: { novice: 0.15, trained: 0.4 },
  kit: [['barbell'], ['rack']],
  levers: [RANGE, TEMPO],
  jumpOn: 'external',
  repRange: { low: 6, high: 10 },
  setUpSeconds: 90,
  cues: ['Soft knees, shins still', 'Chest long', 'Stop before the back moves'],
  faults: ['back-moves-into-rounding', 'hinge-turns-into-a-squat', 'low-back-over-arches', 'falls-backward'],
  cautions: ['Light. Bar on the upper back, never on the neck.'],
  traits: ['back-bar', 'deep-hinge', 'loaded-hinge', 'heavy-brace', 'two-leg-symmetric'],
  prerequisites: ['romanian-deadlift'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'side',
      nearFoot: { kind: 'flat', heelX: 0 },
      farFoot: { kind: 'flat', heelX: 0 },
      top: {
        root: { at: 'foot', shankDeg: 2, thighDeg: 3 },
        trunkDeg: 3,
        arms: { kind: 'angles', upperDeg: -25, forearmDeg: 135 },
      },
      bottom: {
        root: { at: 'foot', shankDeg: -4, thighDeg: 26 },
        trunkDeg: 72,
        headDeg: 62,
        arms: { kind: 'angles', upperDeg: -94, forearmDeg: 66 },
      },
      implement: { piece: 'bar', at: 'shoulders-back' },
    },
  },
} as const satisfies Variation;
