import { STEP } from '../../bases';
import { LOW_STEP, SUPPORT, TEMPO } from '../../scales';
import type { Variation } from '../../types';

/** Stand on a low step, lower the free heel to a light tap in front. */
export const heelTapStepDown = {
  ...STEP,
  id: 'heel-tap-step-down',
  name: 'Heel-tap step-down',
  aliases: ['forward step-down', 'heel tap'],
  kneeShare: 0.62,
  emphasis: { 'front-thigh': 0.8, glutes: 0.55, 'side-hip': 0.5, balance: 0.5 },
  loadPositions: ['none'],
  firstLoadShare: { novice: 0, trained: 0 },
  kit: [['low-step', 'box']],
  levers: [LOW_STEP, SUPPORT, TEMPO],
  repRange: { low: 5, high: 15 },
  tempo: { lowering: 3, bottom: 0, lifting: 1, top: 0 },
  cues: ['Hips level', 'Knee follows the middle toe', 'Tap, don’t land'],
  faults: ['knees-cave', 'hip-drops', 'lands-instead-of-lowers', 'wobble'],
  cautions: ['Sore knees: the lowest step and few reps.'],
  traits: ['one-leg-unsupported', 'pelvis-drop'],
  figure: { maker: 'step', way: 'down-front', stepCm: 12, hold: 'forward' },
} as const satisfies Variation;
