import { LATERAL } from '../../bases';
import { TEMPO, BAND } from '../../scales';
import type { Variation } from '../../types';

/** Half squat, small side steps against a band, 30–45 s. */
export const lateralBandWalk = {
  ...LATERAL,
  id: 'lateral-band-walk',
  name: 'Lateral band walk',
  aliases: ['side-step band walk'],
  kneeShare: 0.3,
  emphasis: { 'side-hip': 0.95, glutes: 0.5 },
  loadPositions: ['none'],
  kit: [],
  levers: [BAND, TEMPO],
  stance: 'two-leg',
  bodyMassShare: 0,
  repRange: null,
  seconds: { low: 30, high: 45 },
  firstLoadShare: { novice: 0, trained: 0 },
  holdsAt: { bottom: 'wide', top: 'narrow' },
  setUpSeconds: 15,
  cues: ['Toes forward', 'Stay low and level', 'Slow trailing foot'],
  faults: ['knees-cave', 'trunk-tips', 'tempo-lost'],
  cautions: ['Band above the knees is easier than round the ankles.'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'front',
      top: {
        hip: [0, 0.44, -0.05],
        trunkSideDeg: 0,
        trunkForwardDeg: 24,
        left: { ankle: [-0.1, 0.039, 0], toesOutDeg: 4 },
        right: { ankle: [0.1, 0.039, 0], toesOutDeg: 4 },
        leftHand: [0.07, -0.08, 0.2],
        rightHand: [-0.07, -0.08, 0.2],
      },
      bottom: {
        hip: [-0.06, 0.425, -0.05],
        trunkSideDeg: 0,
        trunkForwardDeg: 26,
        left: { ankle: [-0.24, 0.039, 0], toesOutDeg: 4 },
        right: { ankle: [0.1, 0.039, 0], toesOutDeg: 4 },
        leftHand: [0.07, -0.08, 0.2],
        rightHand: [-0.07, -0.08, 0.2],
      },
      props: [{ kind: 'loop', at: 'knees' }],
    },
  },
} as const satisfies Variation;
