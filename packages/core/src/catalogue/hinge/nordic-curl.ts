import { CURL } from '../bases';
import { RANGE, TEMPO } from '../scales';
import type { Variation } from '../types';

/** Ankles held, lean out slowly, as far as one line holds. */
export const nordicCurl = {
  ...CURL,
  id: 'nordic-curl',
  name: 'Nordic curl',
  aliases: ['Nordic hamstring lower'],
  kneeShare: 0,
  emphasis: { hamstrings: 1, glutes: 0.3 },
  loadPositions: ['none'],
  firstLoadShare: { novice: 0, trained: 0 },
  kit: [['partner-or-anchor'], ['pad']],
  levers: [RANGE, TEMPO],
  siblings: [{ lever: 'support', way: 'easier', variationId: 'assisted-nordic-curl' }],
  repRange: { low: 3, high: 6 },
  setUpSeconds: 60,
  holdsAt: { bottom: 'leaning out', top: 'tall kneeling' },
  cues: ['One line knee to head', 'Slow as you can', 'Catch with the hands'],
  faults: ['low-back-over-arches', 'lands-instead-of-lowers', 'range-short'],
  cautions: ['Few reps at first: it makes people very sore.', 'Thick pad.'],
  traits: ['kneeling', 'two-leg-symmetric'],
  prerequisites: ['assisted-nordic-curl'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'side',
      nearFoot: { kind: 'ankle-at', x: -0.246, y: 0.03, toesDeg: 205 },
      farFoot: { kind: 'ankle-at', x: -0.246, y: 0.03, toesDeg: 205 },
      top: { root: { at: 'knee', x: 0, y: 0.03, thighDeg: 0 }, trunkDeg: 0, arms: { kind: 'held', along: 0.24, front: 0.09 } },
      bottom: {
        root: { at: 'knee', x: 0, y: 0.03, thighDeg: -60 },
        trunkDeg: 64,
        headDeg: 58,
        arms: { kind: 'held', along: 0.24, front: 0.13 },
      },
      props: [
        { kind: 'cushion', x: -0.08, y: 0, w: 0.16, h: 0.02 },
        { kind: 'box', x: -0.3, w: 0.1, h: 0.06, y: 0.07, label: 'pad' },
      ],
    },
  },
} as const satisfies Variation;
