import { PREP } from '../../bases';
import { RANGE, SUPPORT } from '../../scales';
import type { Variation } from '../../types';

/** Knee rocks over the toes to the wall, heel down. */
export const ankleRock = {
  ...PREP,
  id: 'ankle-rock',
  name: 'Ankle rock',
  aliases: ['knee-to-wall rock', 'half-kneeling ankle drill'],
  kneeShare: 0.5,
  emphasis: { mobility: 0.9, calves: 0.2 },
  loadPositions: ['none'],
  firstLoadShare: { novice: 0, trained: 0 },
  kit: [['wall']],
  levers: [RANGE, SUPPORT],
  stance: 'one-leg',
  repRange: { low: 8, high: 15 },
  holdsAt: { bottom: 'knee forward', top: 'shin upright' },
  cues: ['Heel stays down', 'Knee over the second toe', 'Small, many'],
  faults: ['heels-lift', 'knees-cave', 'front-heel-lifts'],
  cautions: ['A pinch in front of the ankle: stop short of it.'],
  traits: ['kneeling'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'side',
      nearFoot: { kind: 'flat', heelX: 0.22 },
      farFoot: { kind: 'ankle-at', x: -0.22, y: 0.03, toesDeg: 180 },
      top: { root: { at: 'hip', x: 0.02, y: 0.275 }, trunkDeg: 2, arms: { kind: 'at', x: 0.31, y: 0.45 } },
      bottom: { root: { at: 'hip', x: 0.13, y: 0.245 }, trunkDeg: 6, arms: { kind: 'at', x: 0.4, y: 0.45 } },
      props: [{ kind: 'wall', x: 0.46, h: 0.8 }],
    },
  },
} as const satisfies Variation;
