import { FINISHER } from '../../bases';
import { LOW_STEP, SUPPORT, TEMPO } from '../../scales';
import type { Variation } from '../../types';

/** Up and down a low step, leg after leg, by the clock. */
export const stepIntervals = {
  ...FINISHER,
  id: 'step-intervals',
  name: 'Step intervals',
  aliases: ['step-up intervals'],
  stance: 'two-leg',
  kneeShare: 0.5,
  emphasis: { 'front-thigh': 0.6, glutes: 0.6, calves: 0.3 },
  loadPositions: ['none'],
  firstLoadShare: { novice: 0, trained: 0 },
  kit: [['low-step']],
  levers: [LOW_STEP, SUPPORT, TEMPO],
  bodyMassShare: 0.88,
  startsAt: 'bottom',
  holdsAt: { bottom: 'on the floor', top: 'standing tall' },
  cues: ['Whole foot on the step', 'Smooth, not fast', 'Change the leading leg each time'],
  faults: ['lands-instead-of-lowers', 'knees-cave', 'tempo-lost', 'wobble'],
  cautions: ['Sore knees: the lowest step.', 'A step that can’t tip or slide.'],
  traits: ['one-leg-unsupported'],
  prerequisites: ['step-up'],
  figure: { maker: 'step', way: 'up', stepCm: 10, hold: 'hang' },
} as const satisfies Variation;
