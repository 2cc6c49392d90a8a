import { CALF } from '../../bases';
import { SUPPORT, TEMPO } from '../../scales';
import type { Variation } from '../../types';

/** Knees bent a little and still: the deeper calf muscle. */
export const bentKneeCalfRaise = {
  ...CALF,
  id: 'bent-knee-calf-raise',
  name: 'Bent-knee calf raise',
  aliases: ['soleus raise'],
  kneeShare: 0.5,
  emphasis: { calves: 1 },
  loadPositions: ['sides'],
  kit: [],
  levers: [SUPPORT, TEMPO],
  repRange: { low: 12, high: 20 },
  cues: ['Knees stay bent', 'Full way up', 'Slow down'],
  faults: ['range-short', 'bounces-at-the-bottom'],
  cautions: ['Achilles pain: load by how it feels next morning.'],
  traits: ['calf-load', 'two-leg-symmetric'],
  prerequisites: ['calf-raise'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'side',
      nearFoot: { kind: 'on-ball', ballX: 0.11, soleDeg: 0 },
      farFoot: { kind: 'on-ball', ballX: 0.11, soleDeg: 0 },
      top: {
        root: { at: 'foot', shankDeg: 22, thighDeg: 28 },
        trunkDeg: 6,
        near: { kind: 'on-ball', ballX: 0.11, soleDeg: 38 },
        far: { kind: 'on-ball', ballX: 0.11, soleDeg: 38 },
        arms: { kind: 'at', x: 0.3, y: 0.54 },
      },
      bottom: {
        root: { at: 'foot', shankDeg: 26, thighDeg: 28 },
        trunkDeg: 6,
        near: { kind: 'on-ball', ballX: 0.11, soleDeg: 0 },
        far: { kind: 'on-ball', ballX: 0.11, soleDeg: 0 },
        arms: { kind: 'at', x: 0.3, y: 0.52 },
      },
      props: [{ kind: 'pole', x: 0.3, h: 0.75 }],
    },
  },
} as const satisfies Variation;
