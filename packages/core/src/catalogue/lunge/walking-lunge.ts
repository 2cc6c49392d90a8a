import { LUNGE } from '../bases';
import { STRIDE, TEMPO } from '../scales';
import type { Variation } from '../types';

/** Lunge after lunge across the floor. */
export const walkingLunge = {
  ...LUNGE,
  id: 'walking-lunge',
  name: 'Walking lunge',
  aliases: ['travelling lunge'],
  kneeShare: 0.45,
  emphasis: { 'front-thigh': 0.75, glutes: 0.8, hamstrings: 0.35, balance: 0.5 },
  loadPositions: ['sides'],
  kit: [],
  levers: [STRIDE, TEMPO],
  stance: 'alternating',
  repRange: { low: 8, high: 12 },
  cues: ['Feet on two rails', 'Tall trunk', 'Push through the front heel'],
  faults: ['knees-cave', 'wobble', 'trunk-tips', 'lands-instead-of-lowers', 'front-heel-lifts'],
  cautions: ['Clear three metres of floor.'],
  traits: ['walking', 'forward-step', 'long-stride'],
  prerequisites: ['forward-lunge'],
  figure: {
    maker: 'split',
    step: 'forward',
    carry: 'sides',
    hold: 'hang',
    leanDeg: 8,
    strideCm: 82,
    implement: { piece: 'dumbbell', at: 'hands', pair: true },
  },
} as const satisfies Variation;
