import { CURL } from '../bases';
import { RANGE, TEMPO } from '../scales';
import type { Variation } from '../types';

/** Seated, the hamstrings work from a stretched hip. */
export const seatedLegCurl = {
  ...CURL,
  id: 'seated-leg-curl',
  name: 'Seated leg curl',
  aliases: ['sitting leg curl machine'],
  kneeShare: 0,
  emphasis: { hamstrings: 0.95 },
  loadPositions: ['machine'],
  firstLoadShare: { novice: 0.1, trained: 0.3 },
  kit: [['leg-curl']],
  levers: [RANGE, TEMPO],
  unloadedAllowed: false,
  bodyMassShare: 0,
  jumpOn: 'external',
  repRange: { low: 10, high: 20 },
  startsAt: 'bottom',
  setUpSeconds: 40,
  holdsAt: { bottom: 'legs long', top: 'knees bent' },
  cues: ['Thighs pinned down', 'Heels under', 'Slow back'],
  faults: ['low-back-over-arches', 'range-short', 'tempo-lost'],
  cautions: ['Numbers belong to this machine only.'],
  traits: ['seated', 'two-leg-symmetric'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'side',
      nearFoot: { kind: 'flat', heelX: 0 },
      farFoot: { kind: 'flat', heelX: 0 },
      top: {
        root: { at: 'hip', x: 0, y: 0.33 },
        trunkDeg: -14,
        near: { kind: 'free', thighDeg: 88, shankDeg: -24 },
        far: { kind: 'free', thighDeg: 88, shankDeg: -24 },
        arms: { kind: 'held', along: 0.03, front: 0.1 },
      },
      bottom: {
        root: { at: 'hip', x: 0, y: 0.33 },
        trunkDeg: -14,
        near: { kind: 'free', thighDeg: 88, shankDeg: 78 },
        far: { kind: 'free', thighDeg: 88, shankDeg: 78 },
        arms: { kind: 'held', along: 0.03, front: 0.1 },
      },
      props: [
        { kind: 'box', x: -0.09, w: 0.27, h: 0.29, label: 'seat' },
        { kind: 'line', from: { x: -0.07, y: 0.28 }, to: { x: -0.15, y: 0.6 }, look: 'frame' },
      ],
    },
  },
} as const satisfies Variation;
