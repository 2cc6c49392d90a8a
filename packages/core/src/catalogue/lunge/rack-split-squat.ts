import { LUNGE } from '../bases';
import { PAD_HEIGHT, STRIDE, TEMPO } from '../scales';
import type { Variation } from '../types';

/** One or two bells in the rack position. */
export const rackSplitSquat = {
  ...LUNGE,
  id: 'rack-split-squat',
  name: 'Rack split squat',
  aliases: ['one-bell rack split squat'],
  kneeShare: 0.45,
  emphasis: { 'front-thigh': 0.8, glutes: 0.7, trunk: 0.5 },
  loadPositions: ['rack'],
  firstLoadShare: { novice: 0.15, trained: 0.3 },
  kit: [['kettlebell', 'kettlebell-pair']],
  levers: [PAD_HEIGHT, STRIDE, TEMPO],
  siblings: [{ lever: 'load-position', way: 'easier', variationId: 'goblet-split-squat' }],
  unloadedAllowed: false,
  jumpOn: 'external',
  cues: ['Elbow down and close', 'Ribs down', 'Straight down, straight up'],
  faults: ['elbows-drop', 'knees-cave', 'wobble', 'trunk-tips', 'range-short'],
  cautions: ['One bell: on the working side first.'],
  traits: ['front-rack', 'hand-held'],
  prerequisites: ['goblet-split-squat'],
  figure: {
    maker: 'split',
    step: 'none',
    carry: 'front-bar',
    hold: 'rack',
    leanDeg: 5,
    implement: { piece: 'bell', at: 'shoulders-front' },
  },
} as const satisfies Variation;
