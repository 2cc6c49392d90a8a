import { TRUNK } from '../../bases';
import { ON_THE_FIST, RANGE, TEMPO } from '../../scales';
import type { Variation } from '../../types';

/** Fold and sweep the leg under, to half-kneeling. Sore knees swing the front shin instead of grinding the back knee. */
export const getUpToHalfKneel = {
  ...TRUNK,
  id: 'get-up-to-half-kneel',
  name: 'Get-up to the half-kneel',
  aliases: ['get-up to lunge'],
  kneeShare: 0.2,
  emphasis: { trunk: 0.85, glutes: 0.4, balance: 0.4 },
  loadPositions: ['overhead'],
  kit: [['pad']],
  levers: [ON_THE_FIST, RANGE, TEMPO],
  stance: 'one-side',
  repRange: { low: 1, high: 3 },
  startsAt: 'bottom',
  holdsAt: { bottom: 'tall sit', top: 'half-kneeling' },
  firstLoadShare: { novice: 0, trained: 0.05 },
  jumpOn: 'external',
  cues: ['Arm plumb', 'Hand, hip, knee in one line', 'Windshield the shin, then tall'],
  faults: ['wobble', 'hips-shift', 'tempo-lost'],
  cautions: ['Sore knees: swing the front shin instead of turning on the back knee.'],
  traits: ['get-up', 'kneeling'],
  prerequisites: ['get-up-to-tall-sit'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'side',
      nearFoot: { kind: 'flat', heelX: 0.42 },
      farFoot: { kind: 'flat', heelX: 0.42 },
      top: {
        root: { at: 'hip', x: 0.24, y: 0.275 },
        trunkDeg: 0,
        far: { kind: 'ankle-at', x: 0.0, y: 0.03, toesDeg: 180 },
        arms: { kind: 'angles', upperDeg: 180, forearmDeg: 180 },
        farArms: { kind: 'angles', upperDeg: 6, forearmDeg: 14 },
      },
      between: [
        {
          root: { at: 'hip', x: 0.24, y: 0.26 },
          trunkDeg: -34,
          headDeg: -16,
          far: { kind: 'ankle-at', x: 0.26, y: 0.06, toesDeg: 120 },
          arms: { kind: 'angles', upperDeg: 180, forearmDeg: 180 },
          farArms: { kind: 'angles', upperDeg: -8, forearmDeg: -4 },
        },
      ],
      bottom: {
        root: { at: 'hip', x: 0.24, y: 0.06 },
        trunkDeg: -24,
        headDeg: -12,
        far: { kind: 'ankle-at', x: 0.72, y: 0.045, toesDeg: 84 },
        arms: { kind: 'angles', upperDeg: 180, forearmDeg: 180 },
        farArms: { kind: 'angles', upperDeg: -44, forearmDeg: -20 },
      },
      implement: { piece: 'block', at: 'hands' },
    },
  },
} as const satisfies Variation;
