import { POWER } from '../../bases';
import { RANGE } from '../../scales';
import type { Variation } from '../../types';

/** From tall on the toes, drop fast into a quiet landing: brakes before jumps. */
export const snapDown = {
  ...POWER,
  id: 'snap-down',
  name: 'Snap-down',
  aliases: ['drop squat landing'],
  kneeShare: 0.5,
  emphasis: { 'front-thigh': 0.5, glutes: 0.5, balance: 0.3 },
  loadPositions: ['none'],
  firstLoadShare: { novice: 0, trained: 0 },
  kit: [],
  levers: [RANGE],
  unloadedAllowed: true,
  bodyMassShare: 0.88,
  repRange: { low: 3, high: 6 },
  tempo: { lowering: 'x', bottom: 1, lifting: 1, top: 0 },
  setUpSeconds: 10,
  cues: ['Quiet feet', 'Knees follow the toes', 'Freeze the landing'],
  faults: ['knees-cave', 'lands-instead-of-lowers', 'chest-falls'],
  cautions: ['Loud landings end the set.'],
  traits: ['jump', 'two-leg-symmetric'],
  prerequisites: ['bodyweight-squat'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'side',
      nearFoot: { kind: 'flat', heelX: 0 },
      farFoot: { kind: 'flat', heelX: 0 },
      top: {
        root: { at: 'foot', shankDeg: 4, thighDeg: 3 },
        trunkDeg: 0,
        arms: { kind: 'angles', upperDeg: 150, forearmDeg: 156 },
      },
      bottom: {
        root: { at: 'foot', shankDeg: 26, thighDeg: 58 },
        trunkDeg: 42,
        headDeg: 24,
        arms: { kind: 'angles', upperDeg: -40, forearmDeg: -36 },
      },
    },
  },
} as const satisfies Variation;
