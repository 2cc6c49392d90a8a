import { HINGE } from '../bases';
import { TEMPO, WITH_BAND } from '../scales';
import type { Variation } from '../types';

/** The pull comes from behind between the legs: hips back to it, hips through to stand. */
export const pullThrough = {
  ...HINGE,
  id: 'pull-through',
  name: 'Band or cable pull-through',
  aliases: ['cable pull-through'],
  kneeShare: 0.08,
  emphasis: { glutes: 0.8, hamstrings: 0.6 },
  loadPositions: ['machine'],
  firstLoadShare: { novice: 0.15, trained: 0.35 },
  kit: [['band', 'cable']],
  unloadedAllowed: true,
  levers: [WITH_BAND, TEMPO],
  bodyMassShare: 0.47,
  repRange: { low: 10, high: 15 },
  setUpSeconds: 40,
  cues: ['Hips back to the anchor', 'Arms are ropes', 'Squeeze to the top, don’t lean back'],
  faults: ['hinge-turns-into-a-squat', 'leans-back-at-lock-out', 'low-back-rounds', 'falls-backward'],
  cautions: ['Check the anchor and the band.'],
  traits: ['loaded-hinge', 'two-leg-symmetric'],
  prerequisites: ['wall-tap-hinge'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'side',
      nearFoot: { kind: 'flat', heelX: 0 },
      farFoot: { kind: 'flat', heelX: 0 },
      top: { root: { at: 'foot', shankDeg: 4, thighDeg: 3 }, trunkDeg: 3, arms: { kind: 'at', x: 0.08, y: 0.46 } },
      bottom: { root: { at: 'foot', shankDeg: 2, thighDeg: 36 }, trunkDeg: 70, arms: { kind: 'at', x: -0.05, y: 0.31 } },
      props: [
        { kind: 'line', from: { x: -0.6, y: 0.14 }, to: 'hand', look: 'band' },
        { kind: 'pole', x: -0.6, h: 0.4 },
      ],
    },
  },
} as const satisfies Variation;
