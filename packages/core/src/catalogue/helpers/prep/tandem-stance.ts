import { PREP } from '../../bases';
import { RAISED_ARMS, SUPPORT } from '../../scales';
import type { Variation } from '../../types';

/** One foot straight in front of the other, standing tall. */
export const tandemStance = {
  ...PREP,
  id: 'tandem-stance',
  name: 'Tandem stance',
  aliases: ['heel-to-toe stand'],
  kneeShare: 0.3,
  emphasis: { balance: 1, 'side-hip': 0.3 },
  loadPositions: ['none'],
  firstLoadShare: { novice: 0, trained: 0 },
  kit: [],
  levers: [SUPPORT, RAISED_ARMS],
  repRange: null,
  seconds: { low: 10, high: 45 },
  stance: 'one-side',
  startsAt: 'top',
  holdsAt: { bottom: 'standing', top: 'standing' },
  cues: ['Tall', 'Eyes on one spot', 'Hand near a support'],
  faults: ['wobble'],
  cautions: ['Stand beside a rail or wall. Numb feet: shoes on.'],
  traits: ['hold', 'supported'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'side',
      nearFoot: { kind: 'flat', heelX: 0.08 },
      farFoot: { kind: 'flat', heelX: -0.08 },
      top: { root: { at: 'hip', x: 0.04, y: 0.515 }, trunkDeg: 1, arms: { kind: 'angles', upperDeg: 12, forearmDeg: 18 } },
      bottom: { root: { at: 'hip', x: 0.045, y: 0.505 }, trunkDeg: 3, arms: { kind: 'angles', upperDeg: 24, forearmDeg: 34 } },
    },
  },
} as const satisfies Variation;
