import { STEP } from '../../bases';
import { STEP_HEIGHT, SUPPORT, TEMPO } from '../../scales';
import type { Variation } from '../../types';

/** Up with the whole foot, down slowly; a low step first, a bench later, then dumbbells. */
export const stepUp = {
  ...STEP,
  id: 'step-up',
  name: 'Step-up',
  aliases: ['box step-up', 'dumbbell step-up'],
  kneeShare: 0.5,
  emphasis: { 'front-thigh': 0.75, glutes: 0.75, 'side-hip': 0.4, balance: 0.4 },
  loadPositions: ['sides'],
  kit: [['low-step', 'box', 'bench']],
  levers: [STEP_HEIGHT, SUPPORT, TEMPO],
  startsAt: 'bottom',
  holdsAt: { bottom: 'on the floor', top: 'standing tall' },
  repRange: { low: 8, high: 12 },
  tempo: { lowering: 2, bottom: 0, lifting: 1, top: 0 },
  cues: ['Whole foot on the step', 'Push down through it', 'Lower, don’t drop'],
  faults: ['pushes-from-the-back-leg', 'knees-cave', 'hip-drops', 'lands-instead-of-lowers', 'wobble'],
  cautions: ['Sore knees: the lowest step and few reps.'],
  traits: ['one-leg-unsupported'],
  figure: { maker: 'step', way: 'up', stepCm: 20, hold: 'hang', implement: { piece: 'dumbbell', at: 'hands', pair: true } },
} as const satisfies Variation;
