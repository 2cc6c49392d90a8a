import { HINGE } from '../bases';
import { RANGE, TEMPO } from '../scales';
import type { Variation } from '../types';

/** From tall kneeling back toward the heels: the knees can't help, so the hips learn. */
export const tallKneelingHinge = {
  ...HINGE,
  id: 'tall-kneeling-hinge',
  name: 'Tall-kneeling hinge',
  aliases: ['kneeling hinge'],
  kneeShare: 0.1,
  emphasis: { glutes: 0.7, hamstrings: 0.4, mobility: 0.3 },
  loadPositions: ['none', 'goblet'],
  firstLoadShare: { novice: 0, trained: 0.15 },
  kit: [['pad']],
  levers: [RANGE, TEMPO],
  unloadedAllowed: true,
  repRange: { low: 8, high: 12 },
  setUpSeconds: 20,
  holdsAt: { bottom: 'hips back', top: 'tall kneeling' },
  cues: ['Hips back to the heels', 'Squeeze to the top', 'Ribs down'],
  faults: ['low-back-rounds', 'low-back-over-arches', 'no-full-hip-extension'],
  cautions: ['Sore kneecaps: thick pad or another drill.'],
  traits: ['kneeling', 'two-leg-symmetric'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'side',
      nearFoot: { kind: 'ankle-at', x: -0.246, y: 0.03, toesDeg: 180 },
      farFoot: { kind: 'ankle-at', x: -0.246, y: 0.03, toesDeg: 180 },
      top: { root: { at: 'knee', x: 0, y: 0.03, thighDeg: 2 }, trunkDeg: 1, arms: { kind: 'held', along: 0.24, front: 0.09 } },
      bottom: {
        root: { at: 'knee', x: 0, y: 0.03, thighDeg: 52 },
        trunkDeg: 52,
        headDeg: 40,
        arms: { kind: 'held', along: 0.24, front: 0.09 },
      },
      props: [{ kind: 'cushion', x: -0.08, y: 0, w: 0.16, h: 0.02 }],
    },
  },
} as const satisfies Variation;
