import { TWO_LEG_SQUAT } from '../bases';
import { BOX_HEIGHT, TEMPO } from '../scales';
import type { Variation } from '../types';

/** One squat and one hinge with the same bell, turn about: 12 × 3. */
export const squatToDeadlift = {
  ...TWO_LEG_SQUAT,
  id: 'squat-to-deadlift',
  name: 'Squat and deadlift with one weight',
  aliases: ['squat-deadlift combination'],
  kneeShare: 0.33,
  emphasis: { 'front-thigh': 0.6, glutes: 0.7, hamstrings: 0.6 },
  loadPositions: ['between-feet'],
  firstLoadShare: { novice: 0.15, trained: 0.3 },
  kit: [['kettlebell', 'dumbbell']],
  levers: [BOX_HEIGHT, TEMPO],
  repRange: { low: 10, high: 12 },
  setUpSeconds: 30,
  cues: ['Squat: hips down', 'Hinge: hips back', 'Stand tall between'],
  faults: ['hinge-turns-into-a-squat', 'low-back-rounds', 'knees-cave', 'range-short'],
  cautions: ['Keep the weight close to the body in the hinge.'],
  traits: ['hand-held', 'loaded-hinge', 'two-leg-symmetric'],
  prerequisites: ['kettlebell-deadlift'],
  figure: { maker: 'hinge', kneeDeg: 85, hands: 0.17, loadKg: 16, legs: 'two', implement: { piece: 'bell', at: 'hands' } },
} as const satisfies Variation;
