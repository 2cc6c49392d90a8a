import { LUNGE } from '../bases';
import { FRONT_ELEVATION, STRIDE, TEMPO } from '../scales';
import type { Variation } from '../types';

/** The front foot on a low box: more range for front of thigh and hip. */
export const frontFootElevatedSplitSquat = {
  ...LUNGE,
  id: 'front-foot-elevated-split-squat',
  name: 'Front-foot-elevated split squat',
  aliases: ['front foot raised split squat'],
  kneeShare: 0.46,
  emphasis: { 'front-thigh': 0.8, glutes: 0.75, mobility: 0.3 },
  loadPositions: ['sides'],
  kit: [['low-step', 'box']],
  levers: [FRONT_ELEVATION, { ...STRIDE, steps: [55, 70, 80], usual: 1 }, TEMPO],
  cues: ['Straight down, straight up', 'Whole front foot down', 'Hips square'],
  faults: ['front-heel-lifts', 'knees-cave', 'wobble', 'pushes-from-the-back-leg', 'range-short'],
  cautions: ['Deeper for the knee: sore knees stay on the floor.'],
  traits: ['deficit', 'deep-knee'],
  prerequisites: ['split-squat'],
  figure: {
    maker: 'split',
    step: 'none',
    carry: 'sides',
    hold: 'hang',
    frontCm: 10,
    implement: { piece: 'dumbbell', at: 'hands', pair: true },
  },
} as const satisfies Variation;
