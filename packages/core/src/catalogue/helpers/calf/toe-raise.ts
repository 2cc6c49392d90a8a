import { CALF } from '../../bases';
import { RANGE, TEMPO } from '../../scales';
import type { Variation } from '../../types';

/** Back on a wall, heels ahead, toes lift: the front of the shin. */
export const toeRaise = {
  ...CALF,
  id: 'toe-raise',
  name: 'Toe raise',
  aliases: ['tibialis raise', 'wall shin raise'],
  kneeShare: 0.5,
  emphasis: { calves: 0.3, mobility: 0.5 },
  loadPositions: ['none'],
  kit: [['wall']],
  levers: [RANGE, TEMPO],
  repRange: { low: 12, high: 25 },
  firstLoadShare: { novice: 0, trained: 0 },
  holdsAt: { bottom: 'feet flat', top: 'toes up' },
  cues: ['Toes to the shins', 'Hips stay on the wall', 'Slow down'],
  faults: ['range-short', 'bounces-at-the-bottom'],
  cautions: ['Feet nearer the wall makes it easier.'],
  traits: ['two-leg-symmetric'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'side',
      nearFoot: { kind: 'on-heel', heelX: 0.12, toesUpDeg: 0 },
      farFoot: { kind: 'on-heel', heelX: 0.12, toesUpDeg: 0 },
      top: {
        root: { at: 'hip', x: 0, y: 0.49 },
        trunkDeg: -2,
        near: { kind: 'on-heel', heelX: 0.12, toesUpDeg: 30 },
        far: { kind: 'on-heel', heelX: 0.12, toesUpDeg: 30 },
        arms: { kind: 'angles', upperDeg: 4, forearmDeg: 8 },
      },
      bottom: {
        root: { at: 'hip', x: 0, y: 0.49 },
        trunkDeg: -2,
        near: { kind: 'on-heel', heelX: 0.12, toesUpDeg: 0 },
        far: { kind: 'on-heel', heelX: 0.12, toesUpDeg: 0 },
        arms: { kind: 'angles', upperDeg: 4, forearmDeg: 8 },
      },
      props: [{ kind: 'wall', x: -0.06, h: 1 }],
    },
  },
} as const satisfies Variation;
