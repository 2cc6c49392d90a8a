import { STEP } from '../../bases';
import { LOW_STEP, SUPPORT, TEMPO } from '../../scales';
import type { Variation } from '../../types';

/** Lower the free foot behind close to the edge, touch without landing; lower height, more reps. */
export const stepDownBehind = {
  ...STEP,
  id: 'step-down-behind',
  name: 'Step-down behind',
  aliases: ['rear step-down'],
  kneeShare: 0.55,
  emphasis: { 'front-thigh': 0.75, glutes: 0.65, 'side-hip': 0.45, balance: 0.5 },
  loadPositions: ['sides'],
  kit: [['low-step', 'box']],
  levers: [LOW_STEP, SUPPORT, TEMPO],
  repRange: { low: 5, high: 15 },
  tempo: { lowering: 3, bottom: 0, lifting: 1, top: 0 },
  cues: ['Last inch slowest', 'Stay over the standing foot', 'Touch without landing'],
  faults: ['lands-instead-of-lowers', 'hip-drops', 'knees-cave', 'wobble', 'pushes-from-the-back-leg'],
  cautions: ['Sore knees: the lowest step and few reps.'],
  traits: ['one-leg-unsupported', 'pelvis-drop'],
  figure: { maker: 'step', way: 'down-behind', stepCm: 14, hold: 'forward' },
} as const satisfies Variation;
