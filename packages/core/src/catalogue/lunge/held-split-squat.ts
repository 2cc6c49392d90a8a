import { LUNGE } from '../bases';
import { PAD_HEIGHT, STRIDE, SUPPORT } from '../scales';
import type { Variation } from '../types';

/** Held still near the bottom: strength with nothing to aggravate. */
export const heldSplitSquat = {
  ...LUNGE,
  id: 'held-split-squat',
  name: 'Held split squat',
  aliases: ['isometric split squat', 'split squat hold'],
  kneeShare: 0.45,
  emphasis: { 'front-thigh': 0.75, glutes: 0.7, balance: 0.4 },
  loadPositions: ['none', 'sides'],
  kit: [],
  levers: [SUPPORT, PAD_HEIGHT, STRIDE],
  repRange: null,
  tempo: null,
  seconds: { low: 15, high: 40 },
  startsAt: 'bottom',
  holdsAt: { bottom: 'held', top: 'standing' },
  cues: ['Still and tall', 'Front foot: heel to middle', 'Breathe'],
  faults: ['wobble', 'breath-held', 'knees-cave', 'front-heel-lifts'],
  cautions: ['Raised pressure: short holds, keep breathing.'],
  traits: ['hold', 'long-hold'],
  figure: { maker: 'split', step: 'none', carry: 'sides', hold: 'hang', depth: 0.85 },
} as const satisfies Variation;
