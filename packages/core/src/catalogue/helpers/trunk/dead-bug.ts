import { TRUNK } from '../../bases';
import { RANGE, TEMPO } from '../../scales';
import type { Variation } from '../../types';

/** On the back, opposite arm and leg reach away, low back stays down. */
export const deadBug = {
  ...TRUNK,
  id: 'dead-bug',
  name: 'Dead bug',
  aliases: ['supine arm and leg reach'],
  kneeShare: 0,
  emphasis: { trunk: 0.8 },
  loadPositions: ['none'],
  firstLoadShare: { novice: 0, trained: 0 },
  kit: [],
  levers: [RANGE, TEMPO],
  stance: 'alternating',
  repRange: { low: 5, high: 10 },
  holdsAt: { bottom: 'reached', top: 'knees over hips' },
  cues: ['Low back heavy', 'Reach long, breathe out', 'Slow'],
  faults: ['low-back-over-arches', 'breath-held', 'tempo-lost'],
  cautions: ['Later pregnancy: not flat on the back.'],
  traits: ['flat-on-back'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'side',
      nearFoot: { kind: 'flat', heelX: 0 },
      farFoot: { kind: 'flat', heelX: 0 },
      top: {
        root: { at: 'shoulder', x: 0, y: 0.045 },
        trunkDeg: -91,
        headDeg: -78,
        near: { kind: 'free', thighDeg: 178, shankDeg: 92 },
        far: { kind: 'free', thighDeg: 178, shankDeg: 92 },
        arms: { kind: 'angles', upperDeg: 178, forearmDeg: 178 },
        farArms: { kind: 'angles', upperDeg: 178, forearmDeg: 178 },
      },
      bottom: {
        root: { at: 'shoulder', x: 0, y: 0.045 },
        trunkDeg: -91,
        headDeg: -78,
        near: { kind: 'free', thighDeg: 104, shankDeg: 98 },
        far: { kind: 'free', thighDeg: 178, shankDeg: 92 },
        arms: { kind: 'angles', upperDeg: 178, forearmDeg: 178 },
        farArms: { kind: 'angles', upperDeg: 250, forearmDeg: 254 },
      },
    },
  },
} as const satisfies Variation;
