import { STEP } from '../../bases';
import { LOW_STEP, SUPPORT, TEMPO } from '../../scales';
import type { Variation } from '../../types';

/** The working leg crosses to a step beside the other foot: outer hip. */
export const crossoverStepUp = {
  ...STEP,
  id: 'crossover-step-up',
  name: 'Crossover step-up',
  aliases: ['cross step-up'],
  kneeShare: 0.45,
  emphasis: { 'front-thigh': 0.6, glutes: 0.7, 'side-hip': 0.75, balance: 0.5 },
  loadPositions: ['sides'],
  kit: [['low-step', 'box']],
  levers: [LOW_STEP, SUPPORT, TEMPO],
  plane: 'frontal',
  repRange: { low: 8, high: 10 },
  cues: ['Hips face forward', 'Whole foot on the step', 'Rise tall, then lower slowly'],
  faults: ['knees-cave', 'hips-twist', 'hip-drops', 'wobble'],
  cautions: ['Outer-hip pain: leave it, no crossing the midline.'],
  traits: ['crosses-midline', 'one-leg-unsupported'],
  prerequisites: ['lateral-step-up'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'front',
      top: {
        hip: [0.09, 0.62, 0],
        trunkSideDeg: 0,
        trunkForwardDeg: 3,
        left: { ankle: [0.08, 0.154, 0.02], toesOutDeg: 0 },
        right: { ankle: [0.16, 0.2, -0.06], toesOutDeg: 6 },
        leftHand: [-0.03, -0.37, 0.03],
        rightHand: [0.03, -0.37, 0.03],
      },
      bottom: {
        hip: [-0.02, 0.5, -0.04],
        trunkSideDeg: 2,
        trunkForwardDeg: 18,
        left: { ankle: [0.08, 0.154, 0.04], toesOutDeg: 0 },
        right: { ankle: [-0.02, 0.039, -0.08], toesOutDeg: 6 },
        leftHand: [-0.03, -0.37, 0.05],
        rightHand: [0.03, -0.37, 0.05],
      },
      props: [{ kind: 'box', x: 0.04, w: 0.2, h: 0.115, label: 'box' }],
    },
  },
} as const satisfies Variation;
