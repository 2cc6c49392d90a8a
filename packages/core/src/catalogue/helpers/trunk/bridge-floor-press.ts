import { TRUNK } from '../../bases';
import { FOOT_DISTANCE, TEMPO } from '../../scales';
import type { Variation } from '../../types';

/** Hips stay up in a bridge while the arms press. */
export const bridgeFloorPress = {
  ...TRUNK,
  id: 'bridge-floor-press',
  name: 'Bridge with floor press',
  aliases: ['bridge press'],
  kneeShare: 0,
  emphasis: { glutes: 0.6, trunk: 0.5, hamstrings: 0.3 },
  loadPositions: ['sides'],
  kit: [['dumbbell-pair', 'kettlebell-pair']],
  levers: [FOOT_DISTANCE, TEMPO],
  jumpOn: 'external',
  unloadedAllowed: false,
  repRange: { low: 8, high: 12 },
  firstLoadShare: { novice: 0.1, trained: 0.3 },
  startsAt: 'bottom',
  holdsAt: { bottom: 'elbows down', top: 'pressed' },
  cues: ['Hips stay high', 'Press over the shoulders', 'Ribs down'],
  faults: ['no-full-hip-extension', 'felt-in-low-back', 'low-back-over-arches'],
  cautions: ['Sore shoulder: lighter or leave it.', 'Bells go round the head, never over the face.'],
  traits: ['flat-on-back', 'hand-held'],
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
        arms: { kind: 'angles', upperDeg: 178, forearmDeg: 180 },
      },
      bottom: {
        root: { at: 'shoulder', x: 0, y: 0.045 },
        trunkDeg: -117,
        headDeg: -78,
        arms: { kind: 'angles', upperDeg: 82, forearmDeg: 176 },
      },
      implement: { piece: 'dumbbell', at: 'hands', pair: true },
    },
  },
} as const satisfies Variation;
