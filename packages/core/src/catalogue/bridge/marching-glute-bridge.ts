import { BRIDGE } from '../bases';
import { BRIDGE_ARMS, FOOT_DISTANCE, TEMPO } from '../scales';
import type { Variation } from '../types';

/** Hips stay up while the feet leave the floor in turn. */
export const marchingGluteBridge = {
  ...BRIDGE,
  id: 'marching-glute-bridge',
  name: 'Marching bridge',
  aliases: ['bridge march'],
  kneeShare: 0,
  emphasis: { glutes: 0.85, trunk: 0.5, hamstrings: 0.5 },
  loadPositions: ['none'],
  firstLoadShare: { novice: 0, trained: 0 },
  kit: [],
  levers: [BRIDGE_ARMS, FOOT_DISTANCE, TEMPO],
  stance: 'alternating',
  repRange: { low: 6, high: 12 },
  cues: ['Hips stay level', 'Small steps', 'Breathe'],
  faults: ['hips-twist', 'hip-drops', 'no-full-hip-extension', 'felt-in-low-back'],
  cautions: ['Felt in the low back: feet closer, tail under.'],
  traits: ['flat-on-back'],
  prerequisites: ['glute-bridge'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'side',
      nearFoot: { kind: 'flat', heelX: 0.43 },
      farFoot: { kind: 'flat', heelX: 0.43 },
      top: {
        root: { at: 'shoulder', x: 0, y: 0.045 },
        trunkDeg: -117,
        headDeg: -78,
        far: { kind: 'free', thighDeg: 168, shankDeg: 72 },
        arms: { kind: 'angles', upperDeg: 84, forearmDeg: 88 },
      },
      bottom: {
        root: { at: 'shoulder', x: 0, y: 0.045 },
        trunkDeg: -117,
        headDeg: -78,
        far: { kind: 'free', thighDeg: 113, shankDeg: -1 },
        arms: { kind: 'angles', upperDeg: 84, forearmDeg: 88 },
      },
    },
  },
} as const satisfies Variation;
