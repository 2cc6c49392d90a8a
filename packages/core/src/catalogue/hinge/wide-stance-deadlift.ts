import { PULL } from '../bases';
import { BAR_HEIGHT, GRIP, TEMPO, TOES_OUT } from '../scales';
import type { Variation } from '../types';

/** Feet wide, hands inside: easier to feel the hips, more adductors. */
export const wideStanceDeadlift = {
  ...PULL,
  id: 'wide-stance-deadlift',
  name: 'Wide-stance deadlift',
  aliases: ['sumo deadlift'],
  kneeShare: 0.28,
  emphasis: { glutes: 0.85, adductors: 0.7, hamstrings: 0.55, 'front-thigh': 0.45 },
  loadPositions: ['bar-in-hands'],
  firstLoadShare: { novice: 0.4, trained: 0.9 },
  kit: [['barbell']],
  levers: [BAR_HEIGHT, TOES_OUT, GRIP, TEMPO],
  repRange: { low: 4, high: 8 },
  cues: ['Shins upright over the bar', 'Spread the floor', 'Hips to the bar'],
  faults: ['knees-cave', 'hips-shoot-up', 'back-moves-into-rounding', 'grip-goes-first'],
  cautions: ['Mind the toes under the discs.', 'Sore groin: narrower.'],
  traits: ['wide', 'floor-pull', 'loaded-hinge', 'heavy-brace', 'hand-held', 'two-leg-symmetric'],
  prerequisites: ['block-deadlift'],
  figure: {
    maker: 'front-squat',
    halfStance: 0.2,
    toesOutDeg: 35,
    hipY: 0.31,
    hold: 'hang-between',
    implement: { piece: 'bar', at: 'hands', fullDiscs: true },
  },
} as const satisfies Variation;
