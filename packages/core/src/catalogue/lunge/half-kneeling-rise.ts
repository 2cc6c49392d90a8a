import { LUNGE } from '../bases';
import { SUPPORT, TEMPO } from '../scales';
import type { Variation } from '../types';

/** From one knee on a pad to standing and back. */
export const halfKneelingRise = {
  ...LUNGE,
  id: 'half-kneeling-rise',
  name: 'Half-kneeling rise',
  aliases: ['half-kneel to stand', 'kneeling step-up'],
  kneeShare: 0.48,
  emphasis: { 'front-thigh': 0.7, glutes: 0.7, balance: 0.4 },
  loadPositions: ['goblet', 'sides'],
  kit: [['pad']],
  levers: [SUPPORT, TEMPO],
  startsAt: 'bottom',
  holdsAt: { bottom: 'on the knee', top: 'standing' },
  repRange: { low: 6, high: 8 },
  cues: ['Tall before you rise', 'Front foot: heel to middle', 'Lower the last inch slowly'],
  faults: ['lands-instead-of-lowers', 'pushes-from-the-back-leg', 'wobble', 'knees-cave'],
  cautions: ['Thick pad. Sore knees: higher pad or none of it.'],
  traits: ['kneeling'],
  figure: { maker: 'split', step: 'none', carry: 'none', hold: 'hang', leanDeg: 6, padCm: 4 },
} as const satisfies Variation;
