import { LUNGE } from '../bases';
import { STRIDE, SUPPORT, TEMPO } from '../scales';
import type { Variation } from '../types';

/** Small forward and back rocking in a split stance, no drop: knees learn to stay out. */
export const splitStanceRock = {
  ...LUNGE,
  id: 'split-stance-rock',
  name: 'Split-stance rock',
  aliases: ['split-stance shift', 'rocking lunge'],
  kneeShare: 0.5,
  emphasis: { 'front-thigh': 0.3, glutes: 0.4, balance: 0.5, 'side-hip': 0.3 },
  loadPositions: ['none'],
  kit: [],
  levers: [SUPPORT, STRIDE, TEMPO],
  repRange: { low: 8, high: 12 },
  setUpSeconds: 15,
  firstLoadShare: { novice: 0, trained: 0 },
  cues: ['Feet hip-width, never on one line', 'Knees stay out', 'Rock, don’t drop'],
  faults: ['knees-cave', 'wobble', 'front-heel-lifts'],
  cautions: ['Hold something if balance is poor.'],
  traits: ['supported'],
  figure: { maker: 'split', step: 'none', carry: 'none', hold: 'hang', depth: 0.35, strideCm: 60, leanDeg: 6 },
} as const satisfies Variation;
