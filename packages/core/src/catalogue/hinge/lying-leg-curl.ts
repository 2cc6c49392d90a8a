import { CURL } from '../bases';
import { RANGE, TEMPO } from '../scales';
import type { Variation } from '../types';

/** Face down on the machine: light, many reps, drop sets. */
export const lyingLegCurl = {
  ...CURL,
  id: 'lying-leg-curl',
  name: 'Lying leg curl',
  aliases: ['prone leg curl machine'],
  kneeShare: 0,
  emphasis: { hamstrings: 0.95, calves: 0.2 },
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
  cues: ['Hips stay down', 'Curl all the way', 'Slow back'],
  faults: ['low-back-over-arches', 'range-short', 'tempo-lost'],
  cautions: ['Numbers belong to this machine only.'],
  traits: ['two-leg-symmetric'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'side',
      nearFoot: { kind: 'flat', heelX: 0 },
      farFoot: { kind: 'flat', heelX: 0 },
      top: {
        root: { at: 'hip', x: 0, y: 0.3 },
        trunkDeg: 90,
        headDeg: 82,
        near: { kind: 'free', thighDeg: -88, shankDeg: -176 },
        far: { kind: 'free', thighDeg: -88, shankDeg: -176 },
        arms: { kind: 'angles', upperDeg: 30, forearmDeg: 60 },
      },
      bottom: {
        root: { at: 'hip', x: 0, y: 0.3 },
        trunkDeg: 90,
        headDeg: 82,
        near: { kind: 'free', thighDeg: -88, shankDeg: -92 },
        far: { kind: 'free', thighDeg: -88, shankDeg: -92 },
        arms: { kind: 'angles', upperDeg: 30, forearmDeg: 60 },
      },
      props: [{ kind: 'box', x: -0.21, w: 0.56, h: 0.26, label: 'bench' }],
    },
  },
} as const satisfies Variation;
