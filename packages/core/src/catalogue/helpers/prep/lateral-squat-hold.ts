import { PREP } from '../../bases';
import { SUPPORTED } from '../../scales';
import type { Variation } from '../../types';

/** Wide feet, sunk over one leg with something to hold, and stayed there. */
export const lateralSquatHold = {
  ...PREP,
  id: 'lateral-squat-hold',
  name: 'Deep side squat hold',
  aliases: ['lateral squat hold', 'Cossack hold'],
  plane: 'frontal',
  stance: 'one-side',
  kneeShare: 0.4,
  emphasis: { mobility: 1, adductors: 0.3 },
  loadPositions: ['none'],
  firstLoadShare: { novice: 0, trained: 0 },
  kit: [['stick', 'wall', 'strap']],
  levers: [SUPPORTED],
  repRange: null,
  seconds: { low: 20, high: 45 },
  startsAt: 'top',
  holdsAt: { bottom: 'held', top: 'standing' },
  cues: ['Sink over one heel and stay', 'Straight leg’s toes up', 'Breathe'],
  faults: ['heels-lift', 'knees-cave', 'weight-rolls'],
  cautions: ['Sore groin or a hip that pinches: higher, or leave it.'],
  traits: ['cossack', 'wide', 'side-lunge', 'end-range', 'hold', 'supported'],
  figure: {
    maker: 'side-lunge',
    spread: 0.6,
    hipY: 0.22,
    hold: 'support',
    feet: 'wide',
    toesUp: true,
    props: [{ kind: 'pole', x: -0.14, h: 0.6 }],
  },
} as const satisfies Variation;
