import { PREP } from '../../bases';
import { SUPPORT, TEMPO } from '../../scales';
import type { Variation } from '../../types';

/** From sitting between bent legs up to tall kneeling and back. */
export const shinBoxRise = {
  ...PREP,
  id: 'shin-box-rise',
  name: 'Shin-box rise',
  aliases: ['90/90 to kneeling'],
  kneeShare: 0.3,
  emphasis: { glutes: 0.6, mobility: 0.8, 'front-thigh': 0.3 },
  loadPositions: ['none', 'goblet'],
  firstLoadShare: { novice: 0, trained: 0 },
  kit: [['pad']],
  levers: [SUPPORT, TEMPO],
  stance: 'one-side',
  repRange: { low: 4, high: 5 },
  startsAt: 'bottom',
  holdsAt: { bottom: 'seated', top: 'tall kneeling' },
  cues: ['Squeeze to the top', 'Shins stay where they are', 'Lower slowly'],
  faults: ['lands-instead-of-lowers', 'no-full-hip-extension', 'hips-shift'],
  cautions: ['Sore knees: thick pad or leave it.'],
  traits: ['kneeling', 'end-range'],
  prerequisites: ['ninety-ninety'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'side',
      nearFoot: { kind: 'ankle-at', x: -0.2, y: 0.03, toesDeg: 180 },
      farFoot: { kind: 'ankle-at', x: -0.204, y: 0.03, toesDeg: 180 },
      top: {
        root: { at: 'knee', x: 0.04, y: 0.03, thighDeg: 2 },
        trunkDeg: 2,
        arms: { kind: 'angles', upperDeg: 40, forearmDeg: 60 },
      },
      bottom: {
        root: { at: 'knee', x: 0.04, y: 0.03, thighDeg: 74 },
        trunkDeg: 16,
        arms: { kind: 'angles', upperDeg: 56, forearmDeg: 70 },
      },
      props: [{ kind: 'cushion', x: -0.16, y: 0, w: 0.28, h: 0.015 }],
    },
  },
} as const satisfies Variation;
