import { LUNGE } from '../bases';
import { STRIDE, TEMPO } from '../scales';
import type { Variation } from '../types';

/** Step forward, catch softly, push back. */
export const forwardLunge = {
  ...LUNGE,
  id: 'forward-lunge',
  name: 'Forward lunge',
  aliases: ['front lunge', 'step-forward lunge'],
  kneeShare: 0.5,
  emphasis: { 'front-thigh': 0.85, glutes: 0.65, balance: 0.4 },
  loadPositions: ['sides'],
  kit: [],
  levers: [STRIDE, TEMPO],
  cues: ['Land soft, whole foot', 'Knee follows the toes', 'Push the floor away to come back'],
  faults: ['knees-cave', 'lands-instead-of-lowers', 'front-heel-lifts', 'trunk-tips', 'wobble'],
  cautions: ['Sore knees: reverse lunges instead.'],
  traits: ['forward-step'],
  prerequisites: ['reverse-lunge'],
  figure: {
    maker: 'split',
    step: 'forward',
    carry: 'sides',
    hold: 'hang',
    leanDeg: 6,
    strideCm: 76,
    implement: { piece: 'dumbbell', at: 'hands', pair: true },
  },
} as const satisfies Variation;
