import { HINGE } from '../bases';
import { RANGE, TEMPO } from '../scales';
import type { Variation } from '../types';

/** Bell against the belly below the breastbone: hips back, shins upright, hips above the knees. */
export const bellyHeldHinge = {
  ...HINGE,
  id: 'belly-held-hinge',
  name: 'Belly-held hinge',
  aliases: ['belly-held kettlebell hinge', 'belly-button good morning'],
  kneeShare: 0.12,
  emphasis: { hamstrings: 0.6, glutes: 0.7, 'low-back': 0.3 },
  loadPositions: ['belly'],
  firstLoadShare: { novice: 0.1, trained: 0.2 },
  kit: [['kettlebell', 'dumbbell']],
  levers: [RANGE, TEMPO],
  jumpOn: 'external',
  repRange: { low: 8, high: 12 },
  setUpSeconds: 25,
  cues: ['Fold over the bell', 'Shins still', 'Shoulders not below the hips'],
  faults: ['hinge-turns-into-a-squat', 'low-back-rounds', 'falls-backward', 'no-full-hip-extension'],
  cautions: ['Not in pregnancy or with a hernia.'],
  traits: ['belly-load', 'loaded-hinge', 'two-leg-symmetric'],
  prerequisites: ['wall-tap-hinge'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'side',
      nearFoot: { kind: 'flat', heelX: 0 },
      farFoot: { kind: 'flat', heelX: 0 },
      top: { root: { at: 'foot', shankDeg: 2, thighDeg: 3 }, trunkDeg: 2, arms: { kind: 'held', along: 0.14, front: 0.075 } },
      bottom: {
        root: { at: 'foot', shankDeg: -3, thighDeg: 30 },
        trunkDeg: 72,
        headDeg: 64,
        arms: { kind: 'held', along: 0.14, front: 0.075 },
      },
      implement: { piece: 'bell', at: 'hands' },
    },
  },
} as const satisfies Variation;
