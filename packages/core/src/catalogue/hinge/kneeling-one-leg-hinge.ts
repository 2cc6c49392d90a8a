import { ONE_LEG_HINGE } from '../bases';
import { RANGE, TEMPO } from '../scales';
import type { Variation } from '../types';

/** On one knee, the other leg long in front; hips go back over the knee. */
export const kneelingOneLegHinge = {
  ...ONE_LEG_HINGE,
  id: 'kneeling-one-leg-hinge',
  name: 'Kneeling one-leg hinge',
  aliases: ['half-kneeling hinge'],
  kneeShare: 0.08,
  emphasis: { hamstrings: 0.8, glutes: 0.6, mobility: 0.4 },
  loadPositions: ['goblet'],
  firstLoadShare: { novice: 0, trained: 0.1 },
  kit: [['pad']],
  levers: [RANGE, TEMPO],
  holdsAt: { bottom: 'hips back', top: 'tall kneeling' },
  cues: ['Hips back, front heel digs', 'Long back', 'Tall at the top'],
  faults: ['low-back-rounds', 'hips-twist', 'range-short'],
  cautions: ['Thick pad under the knee.'],
  traits: ['kneeling', 'one-leg-hinge'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'side',
      nearFoot: { kind: 'on-heel', heelX: 0.32, toesUpDeg: 30 },
      farFoot: { kind: 'ankle-at', x: -0.246, y: 0.03, toesDeg: 180 },
      top: { root: { at: 'hip', x: 0.0, y: 0.27 }, trunkDeg: 2, arms: { kind: 'held', along: 0.22, front: 0.09 } },
      bottom: {
        root: { at: 'hip', x: -0.12, y: 0.225 },
        trunkDeg: 52,
        headDeg: 44,
        arms: { kind: 'held', along: 0.22, front: 0.09 },
      },
      props: [{ kind: 'cushion', x: -0.08, y: 0, w: 0.15, h: 0.02 }],
    },
  },
} as const satisfies Variation;
