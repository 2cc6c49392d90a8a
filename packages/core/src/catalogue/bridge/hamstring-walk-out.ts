import { BRIDGE } from '../bases';
import { BRIDGE_ARMS, FEET_OUT, TEMPO } from '../scales';
import type { Variation } from '../types';

/** From the top of a bridge the heels walk away and back in small steps. */
export const hamstringWalkOut = {
  ...BRIDGE,
  id: 'hamstring-walk-out',
  name: 'Hamstring walk-out',
  aliases: ['bridge walk-out'],
  kneeShare: 0,
  emphasis: { hamstrings: 0.95, glutes: 0.6, trunk: 0.3 },
  loadPositions: ['none'],
  firstLoadShare: { novice: 0, trained: 0 },
  kit: [],
  levers: [BRIDGE_ARMS, FEET_OUT, TEMPO],
  stance: 'two-leg',
  repRange: { low: 4, high: 8 },
  tempo: { lowering: 4, bottom: 0, lifting: 4, top: 1 },
  cues: ['Small steps', 'Hips stay up', 'Heels down, toes up'],
  faults: ['felt-in-low-back', 'no-full-hip-extension', 'hips-twist'],
  cautions: ['Cramp: shorter walks.'],
  traits: ['far-foot', 'flat-on-back', 'two-leg-symmetric'],
  prerequisites: ['hamstring-bridge'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'side',
      nearFoot: { kind: 'on-heel', heelX: 0.43, toesUpDeg: 20 },
      farFoot: { kind: 'on-heel', heelX: 0.43, toesUpDeg: 20 },
      top: {
        root: { at: 'shoulder', x: 0, y: 0.045 },
        trunkDeg: -117,
        headDeg: -78,
        near: { kind: 'on-heel', heelX: 0.45, toesUpDeg: 15 },
        far: { kind: 'on-heel', heelX: 0.4, toesUpDeg: 15 },
        arms: { kind: 'angles', upperDeg: 84, forearmDeg: 88 },
      },
      bottom: {
        root: { at: 'shoulder', x: 0, y: 0.045 },
        trunkDeg: -106,
        headDeg: -78,
        near: { kind: 'on-heel', heelX: 0.7, toesUpDeg: 40 },
        far: { kind: 'on-heel', heelX: 0.62, toesUpDeg: 35 },
        arms: { kind: 'angles', upperDeg: 84, forearmDeg: 88 },
      },
    },
  },
} as const satisfies Variation;
