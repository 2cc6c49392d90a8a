import { TRUNK } from '../../bases';
import { ON_THE_FIST, RANGE, TEMPO } from '../../scales';
import type { Variation } from '../../types';

/** The first part: from lying to the elbow, arm plumb. */
export const getUpToElbow = {
  ...TRUNK,
  id: 'get-up-to-elbow',
  name: 'Get-up, roll to the elbow',
  aliases: ['quarter get-up'],
  kneeShare: 0,
  emphasis: { trunk: 0.8 },
  loadPositions: ['overhead'],
  kit: [],
  levers: [ON_THE_FIST, RANGE, TEMPO],
  stance: 'one-side',
  repRange: { low: 3, high: 5 },
  startsAt: 'bottom',
  holdsAt: { bottom: 'lying', top: 'on the elbow' },
  firstLoadShare: { novice: 0, trained: 0.05 },
  jumpOn: 'external',
  cues: ['Arm plumb', 'Roll, don’t sit up', 'Eyes on the fist'],
  faults: ['wobble', 'tempo-lost', 'breath-held'],
  cautions: ['A block on the fist until it never falls.', 'A bell goes round the head, never over the face.'],
  traits: ['get-up'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'side',
      nearFoot: { kind: 'flat', heelX: 0.46 },
      farFoot: { kind: 'flat', heelX: 0.46 },
      top: {
        root: { at: 'hip', x: 0.3, y: 0.05 },
        trunkDeg: -54,
        headDeg: -40,
        far: { kind: 'free', thighDeg: 86, shankDeg: 86 },
        arms: { kind: 'angles', upperDeg: 180, forearmDeg: 180 },
        farArms: { kind: 'angles', upperDeg: -10, forearmDeg: -88 },
      },
      bottom: {
        root: { at: 'hip', x: 0.3, y: 0.05 },
        trunkDeg: -89,
        headDeg: -78,
        far: { kind: 'free', thighDeg: 86, shankDeg: 86 },
        arms: { kind: 'angles', upperDeg: 180, forearmDeg: 180 },
        farArms: { kind: 'angles', upperDeg: -88, forearmDeg: -90 },
      },
      implement: { piece: 'block', at: 'hands' },
    },
  },
} as const satisfies Variation;
