import { CURL } from '../bases';
import { RANGE, SUPPORTED, TEMPO } from '../scales';
import type { Variation } from '../types';

/** Ankles held, the body leans out slowly with help. */
export const assistedNordicCurl = {
  ...CURL,
  id: 'assisted-nordic-curl',
  name: 'Assisted Nordic curl',
  aliases: ['band-assisted Nordic'],
  kneeShare: 0,
  emphasis: { hamstrings: 1, glutes: 0.3 },
  loadPositions: ['none'],
  firstLoadShare: { novice: 0, trained: 0 },
  kit: [['partner-or-anchor'], ['pad'], ['band', 'stick']],
  levers: [SUPPORTED, RANGE, TEMPO],
  siblings: [{ lever: 'support', way: 'harder', variationId: 'nordic-curl' }],
  repRange: { low: 4, high: 8 },
  setUpSeconds: 60,
  holdsAt: { bottom: 'leaning out', top: 'tall kneeling' },
  cues: ['One line knee to head', 'Slow as you can', 'Catch with the hands'],
  faults: ['low-back-over-arches', 'lands-instead-of-lowers', 'range-short'],
  cautions: ['Few reps at first: it makes people very sore.', 'Thick pad.'],
  traits: ['kneeling', 'two-leg-symmetric'],
  prerequisites: ['slider-curl'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'side',
      nearFoot: { kind: 'ankle-at', x: -0.246, y: 0.03, toesDeg: 205 },
      farFoot: { kind: 'ankle-at', x: -0.246, y: 0.03, toesDeg: 205 },
      top: { root: { at: 'knee', x: 0, y: 0.03, thighDeg: 0 }, trunkDeg: 0, arms: { kind: 'at', x: 0.3, y: 0.5, elbow: 'up' } },
      bottom: {
        root: { at: 'knee', x: 0, y: 0.03, thighDeg: -38 },
        trunkDeg: 42,
        headDeg: 38,
        arms: { kind: 'at', x: 0.3, y: 0.3, elbow: 'up' },
      },
      props: [
        { kind: 'pole', x: 0.3, h: 0.75 },
        { kind: 'cushion', x: -0.08, y: 0, w: 0.16, h: 0.02 },
        { kind: 'box', x: -0.3, w: 0.1, h: 0.06, y: 0.07, label: 'pad' },
      ],
    },
  },
} as const satisfies Variation;
