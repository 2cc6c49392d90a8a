import { TWO_LEG_SQUAT } from '../bases';
import { STANCE_WIDTH, SUPPORT, TEMPO } from '../scales';
import type { Variation } from '../types';

/** Load hangs from a belt: legs work, back and hands rest. */
export const beltSquat = {
  ...TWO_LEG_SQUAT,
  id: 'belt-squat',
  name: 'Belt squat',
  aliases: ['hip-belt squat'],
  kneeShare: 0.5,
  emphasis: { 'front-thigh': 0.85, glutes: 0.6, adductors: 0.4 },
  loadPositions: ['belt'],
  firstLoadShare: { novice: 0.3, trained: 0.7 },
  kit: [['belt'], ['kettlebell', 'dumbbell'], ['second-bench', 'box']],
  levers: [SUPPORT, STANCE_WIDTH, TEMPO],
  setUpSeconds: 90,
  cues: ['Stay over the middle of the foot', 'Full stand each rep', 'Hands light'],
  faults: ['knees-cave', 'weight-rolls', 'range-short'],
  cautions: ['Belt low on the hips. Step on and off with the weight on a block.'],
  traits: ['supported', 'two-leg-symmetric'],
  figure: { maker: 'squat', carry: 'none', hold: 'folded', thighDeg: 92, implement: { piece: 'bell', at: 'belt' } },
} as const satisfies Variation;
