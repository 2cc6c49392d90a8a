import { CALF } from '../../bases';
import { STEP_HEIGHT, SUPPORT, TEMPO } from '../../scales';
import type { Variation } from '../../types';

/** Up on both balls of the feet, full range both ways. */
export const calfRaise = {
  ...CALF,
  id: 'calf-raise',
  name: 'Calf raise',
  aliases: ['standing heel raise'],
  kneeShare: 0.5,
  emphasis: { calves: 1 },
  loadPositions: ['sides'],
  kit: [],
  levers: [SUPPORT, { ...STEP_HEIGHT, steps: [null, 3, 10], usual: 0 }, TEMPO],
  siblings: [{ lever: 'base', way: 'harder', variationId: 'one-leg-calf-raise' }],
  cues: ['Over the big toe', 'Full way up, full way down', 'Slow down'],
  faults: ['range-short', 'bounces-at-the-bottom', 'wobble'],
  cautions: ['Achilles pain: load by how it feels next morning.'],
  traits: ['calf-load', 'two-leg-symmetric'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'side',
      nearFoot: { kind: 'on-ball', ballX: 0.11, soleDeg: 0 },
      farFoot: { kind: 'on-ball', ballX: 0.11, soleDeg: 0 },
      top: {
        root: { at: 'foot', shankDeg: 3, thighDeg: 3 },
        trunkDeg: 1,
        near: { kind: 'on-ball', ballX: 0.11, soleDeg: 42 },
        far: { kind: 'on-ball', ballX: 0.11, soleDeg: 42 },
        arms: { kind: 'at', x: 0.3, y: 0.56 },
      },
      bottom: {
        root: { at: 'foot', shankDeg: 3, thighDeg: 3 },
        trunkDeg: 1,
        near: { kind: 'on-ball', ballX: 0.11, soleDeg: 0 },
        far: { kind: 'on-ball', ballX: 0.11, soleDeg: 0 },
        arms: { kind: 'at', x: 0.3, y: 0.54 },
      },
      props: [{ kind: 'pole', x: 0.3, h: 0.75 }],
    },
  },
} as const satisfies Variation;
