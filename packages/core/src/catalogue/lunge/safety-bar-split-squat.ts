import { LUNGE } from '../bases';
import { PAD_HEIGHT, STRIDE, SUPPORTED, TEMPO } from '../scales';
import type { Variation } from '../types';

/** The padded bar stays put, so both hands can hold the rack: heavy legs, no balance problem. */
export const safetyBarSplitSquat = {
  ...LUNGE,
  id: 'safety-bar-split-squat',
  name: 'Hand-supported safety-bar split squat',
  aliases: ['supported safety-bar split squat'],
  kneeShare: 0.44,
  emphasis: { 'front-thigh': 0.8, glutes: 0.8 },
  loadPositions: ['back-bar'],
  firstLoadShare: { novice: 0.25, trained: 0.6 },
  kit: [['safety-bar'], ['rack']],
  levers: [SUPPORTED, PAD_HEIGHT, STRIDE, TEMPO],
  unloadedAllowed: false,
  setUpSeconds: 120,
  cues: ['Hands steady, legs lift', 'Straight down, straight up', 'Front foot: heel to middle'],
  faults: ['pushes-from-the-back-leg', 'knees-cave', 'trunk-tips', 'range-short'],
  cautions: ['Safeties set.'],
  traits: ['heavy-brace', 'supported'],
  prerequisites: ['split-squat'],
  figure: {
    maker: 'split',
    step: 'none',
    carry: 'high-back-bar',
    hold: 'forward',
    leanDeg: 6,
    support: { x: 0.26, y: 0.58, look: 'pole' },
    implement: { piece: 'safety-bar', at: 'shoulders-back' },
  },
} as const satisfies Variation;
