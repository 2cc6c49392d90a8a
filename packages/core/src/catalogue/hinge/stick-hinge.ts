import { HINGE } from '../bases';
import { RANGE, TEMPO } from '../scales';
import type { Variation } from '../types';

/** A stick touches head, upper back and tail all the way. */
export const stickHinge = {
  ...HINGE,
  id: 'stick-hinge',
  name: 'Stick hinge',
  aliases: ['dowel hinge'],
  kneeShare: 0.1,
  emphasis: { hamstrings: 0.5, glutes: 0.5, mobility: 0.4 },
  loadPositions: ['none'],
  firstLoadShare: { novice: 0, trained: 0 },
  kit: [['stick']],
  levers: [RANGE, TEMPO],
  unloadedAllowed: true,
  repRange: { low: 10, high: 12 },
  setUpSeconds: 15,
  cues: ['Three points stay on the stick', 'Hips back', 'Shins still'],
  faults: ['hinge-turns-into-a-squat', 'low-back-rounds', 'low-back-over-arches', 'falls-backward'],
  cautions: ['Only as low as all three points touch.'],
  traits: ['two-leg-symmetric'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'side',
      nearFoot: { kind: 'flat', heelX: 0 },
      farFoot: { kind: 'flat', heelX: 0 },
      top: {
        root: { at: 'foot', shankDeg: 2, thighDeg: 3 },
        trunkDeg: 2,
        headDeg: 2,
        arms: { kind: 'angles', upperDeg: -30, forearmDeg: 120 },
      },
      bottom: {
        root: { at: 'foot', shankDeg: -4, thighDeg: 26 },
        trunkDeg: 68,
        headDeg: 68,
        arms: { kind: 'angles', upperDeg: -96, forearmDeg: 54 },
      },
      props: [{ kind: 'back-stick' }],
    },
  },
} as const satisfies Variation;
