import { PREP } from '../../bases';
import { RANGE, SUPPORT } from '../../scales';
import type { Variation } from '../../types';

/** Tail under first, then a small shift forward. */
export const halfKneelingHipFlexorStretch = {
  ...PREP,
  id: 'half-kneeling-hip-flexor-stretch',
  name: 'Half-kneeling hip-flexor stretch',
  aliases: ['kneeling hip stretch'],
  kneeShare: 0.2,
  emphasis: { mobility: 0.9 },
  loadPositions: ['none'],
  firstLoadShare: { novice: 0, trained: 0 },
  kit: [['pad']],
  levers: [SUPPORT, RANGE],
  stance: 'one-side',
  repRange: null,
  seconds: { low: 20, high: 45 },
  holdsAt: { bottom: 'held', top: 'tall' },
  cues: ['Tail under before you go', 'Small shift', 'Squeeze the back glute'],
  faults: ['low-back-over-arches', 'wobble'],
  cautions: ['Thick pad. A pinch in front is not a stretch.'],
  traits: ['kneeling', 'hold'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'side',
      nearFoot: { kind: 'flat', heelX: 0.22 },
      farFoot: { kind: 'ankle-at', x: -0.25, y: 0.03, toesDeg: 180 },
      top: { root: { at: 'hip', x: 0, y: 0.27 }, trunkDeg: 0, arms: { kind: 'held', along: 0.03, front: 0.07 } },
      bottom: { root: { at: 'hip', x: 0.09, y: 0.25 }, trunkDeg: -4, arms: { kind: 'held', along: 0.03, front: 0.07 } },
      props: [{ kind: 'cushion', x: -0.08, y: 0, w: 0.16, h: 0.02 }],
    },
  },
} as const satisfies Variation;
