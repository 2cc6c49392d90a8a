import { PREP } from '../bases';
import { RANGE, TEMPO } from '../scales';
import type { Variation } from '../types';

/** One foot on the knee pad of an assisted machine, pressed down from the hip. */
export const glutePressDown = {
  ...PREP,
  id: 'glute-press-down',
  name: 'Glute press-down',
  aliases: ['assisted-machine press-down'],
  kneeShare: 0.25,
  emphasis: { glutes: 0.85, hamstrings: 0.4, balance: 0.3 },
  loadPositions: ['machine'],
  firstLoadShare: { novice: 0.1, trained: 0.3 },
  kit: [['assisted-dip-machine']],
  levers: [RANGE, TEMPO],
  family: 'bridge',
  stance: 'one-leg',
  unloadedAllowed: false,
  jumpOn: 'external',
  repRange: { low: 10, high: 15 },
  startsAt: 'top',
  holdsAt: { bottom: 'pressed down', top: 'knee up' },
  setUpSeconds: 40,
  cues: ['Push through the heel', 'Lean a little, back long', 'Slow up'],
  faults: ['low-back-over-arches', 'hips-twist', 'range-short'],
  cautions: ['Hold on.', 'More assistance on this machine means more load here.'],
  traits: ['supported'],
  prerequisites: ['glute-bridge'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'side',
      nearFoot: { kind: 'flat', heelX: 0 },
      farFoot: { kind: 'flat', heelX: 0 },
      top: {
        root: { at: 'foot', shankDeg: 2, thighDeg: 4 },
        trunkDeg: 14,
        far: { kind: 'flat', heelX: 0.1, y: 0.26 },
        arms: { kind: 'at', x: 0.34, y: 0.66 },
      },
      bottom: {
        root: { at: 'foot', shankDeg: 2, thighDeg: 4 },
        trunkDeg: 18,
        far: { kind: 'flat', heelX: 0.1, y: 0.08 },
        arms: { kind: 'at', x: 0.34, y: 0.66 },
      },
      props: [
        { kind: 'pole', x: 0.34, h: 0.9 },
        { kind: 'line', from: { x: 0.34, y: 0.03 }, to: 'far-foot', look: 'frame' },
      ],
    },
  },
} as const satisfies Variation;
