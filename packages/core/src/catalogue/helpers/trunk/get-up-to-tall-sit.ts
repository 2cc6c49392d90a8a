import { TRUNK } from '../../bases';
import { ON_THE_FIST, RANGE, TEMPO } from '../../scales';
import type { Variation } from '../../types';

/** On from the elbow to the hand and a tall sit. */
export const getUpToTallSit = {
  ...TRUNK,
  id: 'get-up-to-tall-sit',
  name: 'Get-up to the tall sit',
  aliases: ['half get-up'],
  kneeShare: 0,
  emphasis: { trunk: 0.85 },
  loadPositions: ['overhead'],
  kit: [],
  levers: [ON_THE_FIST, RANGE, TEMPO],
  stance: 'one-side',
  repRange: { low: 2, high: 4 },
  startsAt: 'bottom',
  holdsAt: { bottom: 'lying', top: 'tall sit' },
  firstLoadShare: { novice: 0, trained: 0.05 },
  jumpOn: 'external',
  cues: ['Arm plumb', 'Push the floor with the hand', 'Long back'],
  faults: ['wobble', 'low-back-rounds', 'tempo-lost'],
  cautions: ['A block on the fist until it never falls.'],
  traits: ['get-up'],
  prerequisites: ['get-up-to-elbow'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'side',
      nearFoot: { kind: 'flat', heelX: 0.46 },
      farFoot: { kind: 'flat', heelX: 0.46 },
      top: {
        root: { at: 'hip', x: 0.3, y: 0.05 },
        trunkDeg: -16,
        headDeg: -8,
        far: { kind: 'free', thighDeg: 86, shankDeg: 86 },
        arms: { kind: 'angles', upperDeg: 180, forearmDeg: 180 },
        farArms: { kind: 'angles', upperDeg: -36, forearmDeg: -32 },
      },
      between: [
        {
          root: { at: 'hip', x: 0.3, y: 0.05 },
          trunkDeg: -54,
          headDeg: -40,
          far: { kind: 'free', thighDeg: 86, shankDeg: 86 },
          arms: { kind: 'angles', upperDeg: 180, forearmDeg: 180 },
          farArms: { kind: 'angles', upperDeg: -10, forearmDeg: -88 },
        },
      ],
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
