import { TRUNK } from '../../bases';
import { PLANK_BASE } from '../../scales';
import type { Variation } from '../../types';

/** On forearms and toes, one line. */
export const plank = {
  ...TRUNK,
  id: 'plank',
  name: 'Plank',
  aliases: ['forearm plank'],
  kneeShare: 0,
  emphasis: { trunk: 0.85 },
  loadPositions: ['none'],
  firstLoadShare: { novice: 0, trained: 0 },
  kit: [],
  levers: [PLANK_BASE],
  repRange: null,
  seconds: { low: 20, high: 60 },
  holdsAt: { bottom: 'sagging', top: 'held' },
  cues: ['Squeeze, ribs down', 'Push the floor away', 'Breathe'],
  faults: ['low-back-over-arches', 'hips-shift', 'breath-held'],
  cautions: ['Felt in the low back: from the knees, shorter.'],
  traits: ['hold'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'side',
      nearFoot: { kind: 'on-ball', ballX: 0, soleDeg: 90 },
      farFoot: { kind: 'on-ball', ballX: 0, soleDeg: 90 },
      top: {
        root: { at: 'hip', x: 0.522, y: 0.152 },
        trunkDeg: 80.5,
        headDeg: 84,
        arms: { kind: 'angles', upperDeg: 0, forearmDeg: 88 },
      },
      bottom: {
        root: { at: 'hip', x: 0.523, y: 0.135 },
        trunkDeg: 77,
        headDeg: 84,
        arms: { kind: 'angles', upperDeg: 0, forearmDeg: 88 },
      },
    },
  },
} as const satisfies Variation;
