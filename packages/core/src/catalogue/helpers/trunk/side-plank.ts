import { TRUNK } from '../../bases';
import { ON_KNEES, TOP_HOLD } from '../../scales';
import type { Variation } from '../../types';

/** On the elbow and the side of the foot, one line. */
export const sidePlank = {
  ...TRUNK,
  id: 'side-plank',
  name: 'Side plank',
  aliases: ['elbow side plank'],
  kneeShare: 0,
  emphasis: { trunk: 0.8, 'side-hip': 0.6 },
  loadPositions: ['none'],
  firstLoadShare: { novice: 0, trained: 0 },
  kit: [],
  levers: [ON_KNEES, TOP_HOLD],
  plane: 'frontal',
  stance: 'one-side',
  repRange: null,
  seconds: { low: 15, high: 45 },
  startsAt: 'bottom',
  holdsAt: { bottom: 'hips low', top: 'held' },
  cues: ['Hips forward and high', 'Push the floor away', 'Breathe'],
  faults: ['hip-drops', 'breath-held', 'hips-twist'],
  cautions: ['Sore shoulder: from the knees, or hands-and-knees drills.'],
  traits: ['hold'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'front',
      top: {
        hip: [0, 0.19, 0],
        trunkSideDeg: 67.5,
        trunkForwardDeg: 0,
        pelvisDeg: 72,
        left: { ankle: [-0.45, 0.1, 0.02], toesOutDeg: 0, kneeTo: [0, 0.1, 1], soleTo: [-1, 0, 0] },
        right: { ankle: [-0.45, 0.045, -0.02], toesOutDeg: 0, kneeTo: [0, 0, 1], soleTo: [-1, 0, 0] },
        leftHand: [-0.1, -0.2, 0.2],
        rightHand: [0.02, -0.19, 0.2],
      },
      bottom: {
        hip: [0.01, 0.13, 0],
        trunkSideDeg: 56,
        trunkForwardDeg: 0,
        pelvisDeg: 66,
        left: { ankle: [-0.45, 0.1, 0.02], toesOutDeg: 0, kneeTo: [0, 0.1, 1], soleTo: [-1, 0, 0] },
        right: { ankle: [-0.45, 0.045, -0.02], toesOutDeg: 0, kneeTo: [0, 0, 1], soleTo: [-1, 0, 0] },
        leftHand: [-0.1, -0.2, 0.2],
        rightHand: [0.02, -0.19, 0.2],
      },
    },
  },
} as const satisfies Variation;
