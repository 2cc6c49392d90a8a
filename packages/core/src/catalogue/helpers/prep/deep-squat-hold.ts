import { PREP } from '../../bases';
import { HEEL_LIFT, STANCE_WIDTH, SUPPORT } from '../../scales';
import type { Variation } from '../../types';

/** Sit in the bottom of a squat and breathe; hold something to stay tall. */
export const deepSquatHold = {
  ...PREP,
  id: 'deep-squat-hold',
  name: 'Deep squat hold',
  aliases: ['resting squat'],
  kneeShare: 0.5,
  emphasis: { mobility: 1 },
  loadPositions: ['none'],
  firstLoadShare: { novice: 0, trained: 0 },
  kit: [],
  levers: [SUPPORT, HEEL_LIFT, STANCE_WIDTH],
  repRange: null,
  seconds: { low: 20, high: 60 },
  startsAt: 'top',
  holdsAt: { bottom: 'held', top: 'standing' },
  cues: ['Heels down', 'Elbows push the knees', 'Breathe'],
  faults: ['heels-lift', 'low-back-rounds', 'weight-rolls'],
  cautions: ['Sore knees or a hip that pinches: higher, or leave it.'],
  traits: ['deep-knee', 'end-range', 'hold'],
  figure: { maker: 'squat', carry: 'arms-forward', hold: 'goblet', thighDeg: 112 },
} as const satisfies Variation;
