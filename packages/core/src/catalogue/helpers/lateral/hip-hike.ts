import { LATERAL } from '../../bases';
import { SUPPORT, TEMPO, TOP_HOLD } from '../../scales';
import type { Variation } from '../../types';

/** Standing on a step, the free hip sinks and lifts; the standing knee stays straight. */
export const hipHike = {
  ...LATERAL,
  id: 'hip-hike',
  name: 'Hip hike',
  aliases: ['pelvic drop and hike'],
  kneeShare: 0.1,
  emphasis: { 'side-hip': 0.9, balance: 0.4 },
  loadPositions: ['none'],
  kit: [['low-step']],
  levers: [SUPPORT, TOP_HOLD, TEMPO],
  repRange: { low: 10, high: 15 },
  startsAt: 'bottom',
  holdsAt: { bottom: 'hip low', top: 'hip high' },
  firstLoadShare: { novice: 0, trained: 0 },
  cues: ['Standing knee straight', 'Lift the free hip', 'Trunk stays tall'],
  faults: ['trunk-tips', 'hips-twist', 'range-short'],
  cautions: ['Outer-hip pain: no drop below level.'],
  traits: ['pelvis-drop', 'one-leg-unsupported'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'front',
      top: {
        hip: [-0.05, 0.6, 0],
        trunkSideDeg: -3,
        trunkForwardDeg: 0,
        pelvisDeg: -14,
        left: { ankle: [-0.1, 0.119, 0], toesOutDeg: 6 },
        right: { ankle: [0.01, 0.16, 0.02], toesOutDeg: 6 },
        leftHand: [-0.1, -0.3, 0.06],
        rightHand: [0.08, -0.3, 0.06],
      },
      bottom: {
        hip: [-0.045, 0.59, 0],
        trunkSideDeg: 2,
        trunkForwardDeg: 0,
        pelvisDeg: 12,
        left: { ankle: [-0.1, 0.119, 0], toesOutDeg: 6 },
        right: { ankle: [0.02, 0.095, 0.02], toesOutDeg: 6 },
        leftHand: [-0.1, -0.3, 0.06],
        rightHand: [0.08, -0.3, 0.06],
      },
      props: [{ kind: 'box', x: -0.2, w: 0.17, h: 0.08, label: 'box' }],
    },
  },
} as const satisfies Variation;
