import { STEP } from '../../bases';
import { LOW_STEP, SUPPORT, TEMPO } from '../../scales';
import type { Variation } from '../../types';

/** The step stands beside the working leg: less push from the other, more side hip. */
export const lateralStepUp = {
  ...STEP,
  id: 'lateral-step-up',
  name: 'Lateral step-up',
  aliases: ['side step-up'],
  kneeShare: 0.52,
  emphasis: { 'front-thigh': 0.75, glutes: 0.65, 'side-hip': 0.6, balance: 0.4 },
  loadPositions: ['sides'],
  kit: [['low-step', 'box']],
  levers: [LOW_STEP, SUPPORT, TEMPO],
  plane: 'frontal',
  repRange: { low: 8, high: 12 },
  cues: ['Whole foot on the step', 'Hips level', 'Touch lightly, don’t push off'],
  faults: ['knees-cave', 'hip-drops', 'pushes-from-the-back-leg', 'wobble'],
  cautions: ['Sore knees: the lowest step and few reps.'],
  traits: ['one-leg-unsupported', 'pelvis-drop'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'front',
      top: {
        hip: [-0.05, 0.62, 0],
        trunkSideDeg: 0,
        trunkForwardDeg: 3,
        left: { ankle: [-0.1, 0.154, 0], toesOutDeg: 8 },
        right: { ankle: [0.04, 0.2, 0], toesOutDeg: 8 },
        leftHand: [-0.03, -0.37, 0.03],
        rightHand: [0.03, -0.37, 0.03],
      },
      bottom: {
        hip: [-0.03, 0.5, -0.03],
        trunkSideDeg: 3,
        trunkForwardDeg: 16,
        left: { ankle: [-0.1, 0.154, 0], toesOutDeg: 8 },
        right: { ankle: [0.13, 0.039, 0], toesOutDeg: 8 },
        leftHand: [-0.03, -0.37, 0.05],
        rightHand: [0.03, -0.37, 0.05],
      },
      props: [{ kind: 'box', x: -0.2, w: 0.2, h: 0.115, label: 'box' }],
    },
  },
} as const satisfies Variation;
