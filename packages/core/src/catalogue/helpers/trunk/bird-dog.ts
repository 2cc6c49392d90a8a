import { TRUNK } from '../../bases';
import { TEMPO, TOP_HOLD } from '../../scales';
import type { Variation } from '../../types';

/** On hands and knees, opposite arm and leg reach long, nothing else moves. */
export const birdDog = {
  ...TRUNK,
  id: 'bird-dog',
  name: 'Bird dog',
  aliases: ['opposite arm and leg reach'],
  kneeShare: 0,
  emphasis: { trunk: 0.8, glutes: 0.4, balance: 0.4 },
  loadPositions: ['none'],
  firstLoadShare: { novice: 0, trained: 0 },
  kit: [],
  levers: [TOP_HOLD, TEMPO],
  stance: 'alternating',
  repRange: { low: 5, high: 10 },
  startsAt: 'bottom',
  holdsAt: { bottom: 'hands and knees', top: 'reached' },
  cues: ['Reach long, not high', 'Hips level', 'Slow'],
  faults: ['hips-twist', 'low-back-over-arches', 'wobble'],
  cautions: ['Sore wrists: on the fists or forearms.'],
  traits: ['hands-on-floor', 'kneeling'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'side',
      nearFoot: { kind: 'ankle-at', x: -0.246, y: 0.03, toesDeg: 180 },
      farFoot: { kind: 'ankle-at', x: -0.246, y: 0.03, toesDeg: 180 },
      top: {
        root: { at: 'knee', x: 0, y: 0.03, thighDeg: 0 },
        trunkDeg: 74,
        headDeg: 80,
        far: { kind: 'free', thighDeg: -88, shankDeg: -90, toesDeg: -110 },
        arms: { kind: 'at', x: 0.31, y: 0.012 },
        farArms: { kind: 'angles', upperDeg: 98, forearmDeg: 96 },
      },
      bottom: {
        root: { at: 'knee', x: 0, y: 0.03, thighDeg: 0 },
        trunkDeg: 74,
        headDeg: 80,
        far: { kind: 'free', thighDeg: 2, shankDeg: -88, toesDeg: -180 },
        arms: { kind: 'at', x: 0.31, y: 0.012 },
        farArms: { kind: 'angles', upperDeg: -24, forearmDeg: 20 },
      },
    },
  },
} as const satisfies Variation;
