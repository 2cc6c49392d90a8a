import { CALF } from '../../bases';
import { LOW_STEP, SUPPORT, TEMPO } from '../../scales';
import type { Variation } from '../../types';

/** One foot on the edge of a step, heel below and above it; then loaded. */
export const oneLegCalfRaise = {
  ...CALF,
  id: 'one-leg-calf-raise',
  name: 'One-leg calf raise on a step',
  aliases: ['single-leg heel raise'],
  kneeShare: 0.5,
  emphasis: { calves: 1, balance: 0.3 },
  loadPositions: ['suitcase'],
  firstLoadShare: { novice: 0, trained: 0.15 },
  kit: [['low-step']],
  levers: [SUPPORT, LOW_STEP, TEMPO],
  siblings: [{ lever: 'base', way: 'easier', variationId: 'calf-raise' }],
  stance: 'one-leg',
  bodyMassShare: 0.98,
  repRange: { low: 8, high: 15 },
  cues: ['Full way up, full way down', 'Over the big toe', 'Fingertips only'],
  faults: ['range-short', 'bounces-at-the-bottom', 'wobble'],
  cautions: ['Achilles pain: load by how it feels next morning.'],
  traits: ['calf-load', 'one-leg-unsupported'],
  prerequisites: ['calf-raise'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'side',
      nearFoot: { kind: 'on-ball', ballX: 0.11, soleDeg: 0, y: 0.08 },
      farFoot: { kind: 'on-ball', ballX: 0.11, soleDeg: 0, y: 0.08 },
      top: {
        root: { at: 'foot', shankDeg: 3, thighDeg: 3 },
        trunkDeg: 1,
        near: { kind: 'on-ball', ballX: 0.11, soleDeg: 38, y: 0.08 },
        far: { kind: 'free', thighDeg: 6, shankDeg: -60 },
        arms: { kind: 'at', x: 0.24, y: 0.62 },
      },
      bottom: {
        root: { at: 'foot', shankDeg: 5, thighDeg: 3 },
        trunkDeg: 1,
        near: { kind: 'on-ball', ballX: 0.11, soleDeg: -22, y: 0.08 },
        far: { kind: 'free', thighDeg: 6, shankDeg: -60 },
        arms: { kind: 'at', x: 0.24, y: 0.6 },
      },
      props: [
        { kind: 'pole', x: 0.24, h: 0.85 },
        { kind: 'box', x: 0.08, w: 0.2, h: 0.08, label: 'box' },
      ],
    },
  },
} as const satisfies Variation;
