import { LUNGE } from '../bases';
import { STRIDE, TEMPO } from '../scales';
import type { Variation } from '../types';

/** Bells or a bar on the front of the shoulders. */
export const frontRackLunge = {
  ...LUNGE,
  id: 'front-rack-lunge',
  name: 'Front-rack lunge',
  aliases: ['rack walking lunge'],
  kneeShare: 0.46,
  emphasis: { 'front-thigh': 0.8, glutes: 0.75, trunk: 0.5 },
  loadPositions: ['rack', 'front-bar'],
  firstLoadShare: { novice: 0.15, trained: 0.3 },
  kit: [['kettlebell-pair', 'barbell', 'kettlebell']],
  levers: [STRIDE, TEMPO],
  unloadedAllowed: false,
  jumpOn: 'external',
  stance: 'alternating',
  cues: ['Elbows up', 'Ribs down', 'Land soft, whole foot'],
  faults: ['elbows-drop', 'trunk-tips', 'wobble', 'knees-cave'],
  cautions: ['Practise putting the weight down safely.'],
  traits: ['front-rack', 'walking', 'forward-step'],
  prerequisites: ['walking-lunge'],
  figure: {
    maker: 'split',
    step: 'forward',
    carry: 'front-bar',
    hold: 'rack',
    leanDeg: 5,
    strideCm: 76,
    implement: { piece: 'bell', at: 'shoulders-front' },
  },
} as const satisfies Variation;
