import { PREP } from '../../bases';
import { BAND, SUPPORT, TEMPO } from '../../scales';
import type { Variation } from '../../types';

/** Standing tall, one knee lifts against a light band. */
export const hipFlexorMarch = {
  ...PREP,
  id: 'hip-flexor-march',
  name: 'Hip-flexor march',
  aliases: ['standing band march'],
  kneeShare: 0.2,
  emphasis: { mobility: 0.5, balance: 0.4, trunk: 0.3 },
  loadPositions: ['none'],
  firstLoadShare: { novice: 0, trained: 0 },
  kit: [],
  levers: [BAND, SUPPORT, TEMPO],
  stance: 'alternating',
  repRange: { low: 8, high: 12 },
  startsAt: 'bottom',
  holdsAt: { bottom: 'feet down', top: 'knee high' },
  cues: ['Tall on the standing leg', 'Knee above the hip', 'Don’t lean back'],
  faults: ['trunk-tips', 'wobble', 'low-back-over-arches'],
  cautions: ['Hold on if balance is poor.'],
  traits: ['one-leg-unsupported'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'side',
      nearFoot: { kind: 'flat', heelX: 0 },
      farFoot: { kind: 'flat', heelX: 0 },
      top: {
        root: { at: 'foot', shankDeg: 1, thighDeg: 1 },
        trunkDeg: 0,
        far: { kind: 'free', thighDeg: 102, shankDeg: 4 },
        arms: { kind: 'angles', upperDeg: -20, forearmDeg: 40 },
        farArms: { kind: 'angles', upperDeg: 24, forearmDeg: 90 },
      },
      bottom: {
        root: { at: 'foot', shankDeg: 1, thighDeg: 1 },
        trunkDeg: 0,
        far: { kind: 'free', thighDeg: 4, shankDeg: -6 },
        arms: { kind: 'angles', upperDeg: 10, forearmDeg: 40 },
        farArms: { kind: 'angles', upperDeg: 0, forearmDeg: 20 },
      },
    },
  },
} as const satisfies Variation;
