import { LUNGE } from '../bases';
import { DEFICIT, REAR_ELEVATION, STRIDE, TEMPO } from '../scales';
import type { Variation } from '../types';

/** Back foot on a bench, knee height at most; the place where the front of the back hip just stretches. */
export const rearFootElevatedSplitSquat = {
  ...LUNGE,
  id: 'rear-foot-elevated-split-squat',
  name: 'Rear-foot-elevated split squat',
  aliases: ['rear foot raised split squat', 'Bulgarian split squat'],
  kneeShare: 0.46,
  emphasis: { 'front-thigh': 0.85, glutes: 0.85, balance: 0.4 },
  loadPositions: ['sides'],
  firstLoadShare: { novice: 0.1, trained: 0.3 },
  kit: [['bench', 'box']],
  levers: [REAR_ELEVATION, { ...STRIDE, steps: [50, 62, 74], usual: 1 }, DEFICIT, TEMPO],
  setUpSeconds: 45,
  cues: ['Hop to the spot, then load', 'Straight down, straight up', 'Front foot: heel to middle'],
  faults: ['wobble', 'knees-cave', 'front-heel-lifts', 'pushes-from-the-back-leg', 'trunk-tips', 'range-short'],
  cautions: ['Bench no higher than the knee; lower is easier.', 'Front-of-hip stretch, never a pinch.'],
  traits: ['rear-foot-up', 'deep-lunge'],
  prerequisites: ['goblet-split-squat'],
  figure: {
    maker: 'split',
    step: 'none',
    carry: 'sides',
    hold: 'hang',
    rearCm: 35,
    strideCm: 62,
    implement: { piece: 'dumbbell', at: 'hands', pair: true },
  },
} as const satisfies Variation;
