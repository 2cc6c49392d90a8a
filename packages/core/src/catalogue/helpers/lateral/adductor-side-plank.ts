import { LATERAL } from '../../bases';
import { RANGE, TOP_HOLD } from '../../scales';
import type { Variation } from '../../types';

/** On the elbow, the upper leg on a bench: short with the knee on it, long with the foot. */
export const adductorSidePlank = {
  ...LATERAL,
  id: 'adductor-side-plank',
  name: 'Adductor side plank',
  aliases: ['inner-thigh side plank'],
  kneeShare: 0,
  emphasis: { adductors: 0.95, trunk: 0.5 },
  loadPositions: ['none'],
  kit: [['bench']],
  levers: [{ ...RANGE, steps: ['short', 'long'], usual: 0 }, TOP_HOLD],
  stance: 'one-side',
  bodyMassShare: 0.4,
  repRange: null,
  seconds: { low: 10, high: 30 },
  startsAt: 'bottom',
  holdsAt: { bottom: 'hips low', top: 'held' },
  firstLoadShare: { novice: 0, trained: 0 },
  cues: ['Press the upper leg down', 'Hips in line', 'Breathe'],
  faults: ['hip-drops', 'breath-held', 'hips-twist'],
  cautions: ['Sore groin: short version, squeeze gently.'],
  traits: ['hold'],
  prerequisites: ['side-plank'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'front',
      top: {
        hip: [0, 0.25, 0],
        trunkSideDeg: 76,
        trunkForwardDeg: 0,
        pelvisDeg: 84,
        left: { ankle: [-0.42, 0.31, 0.02], toesOutDeg: 0, kneeTo: [0, 0.2, 1], soleTo: [-1, 0, 0] },
        right: { ankle: [-0.44, 0.12, 0.03], toesOutDeg: 0, kneeTo: [0, 0, 1], soleTo: [-1, 0, 0] },
        leftHand: [-0.1, -0.1, 0.22],
        rightHand: [0.02, -0.2, 0.2],
      },
      bottom: {
        hip: [0.015, 0.17, 0],
        trunkSideDeg: 61,
        trunkForwardDeg: 0,
        pelvisDeg: 76,
        left: { ankle: [-0.42, 0.31, 0.02], toesOutDeg: 0, kneeTo: [0, 0.2, 1], soleTo: [-1, 0, 0] },
        right: { ankle: [-0.44, 0.09, 0.03], toesOutDeg: 0, kneeTo: [0, 0, 1], soleTo: [-1, 0, 0] },
        leftHand: [-0.1, -0.1, 0.22],
        rightHand: [0.02, -0.2, 0.2],
      },
      props: [{ kind: 'box', x: -0.5, w: 0.14, h: 0.24, label: 'bench' }],
    },
  },
} as const satisfies Variation;
