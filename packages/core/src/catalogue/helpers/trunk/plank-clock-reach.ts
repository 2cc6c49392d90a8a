import { TRUNK } from '../../bases';
import { ON_KNEES, PLANK_FEET, TEMPO } from '../../scales';
import type { Variation } from '../../types';

/** From a plank on the hands, one hand reaches forward, to the side and back: one clock, five a side. Knees first, then feet. Never fast. */
export const plankClockReach = {
  ...TRUNK,
  id: 'plank-clock-reach',
  name: 'Plank with clock reaches',
  aliases: ['clock plank'],
  kneeShare: 0,
  emphasis: { trunk: 0.9, balance: 0.3 },
  loadPositions: ['none'],
  firstLoadShare: { novice: 0, trained: 0 },
  kit: [],
  levers: [ON_KNEES, PLANK_FEET, TEMPO],
  stance: 'one-side',
  tempo: { lowering: 2, bottom: 1, lifting: 2, top: 0 },
  repRange: { low: 3, high: 5 },
  holdsAt: { bottom: 'reached', top: 'hands down' },
  cues: ['Forward, to the side, back: that is one', 'Hips stay level', 'Touch, don’t lean', 'Slow'],
  faults: ['hips-twist', 'hip-drops', 'low-back-over-arches'],
  cautions: ['Sore wrists: on the forearms or leave it.'],
  traits: ['hands-on-floor'],
  prerequisites: ['plank'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'side',
      nearFoot: { kind: 'on-ball', ballX: 0, soleDeg: 90 },
      farFoot: { kind: 'on-ball', ballX: 0, soleDeg: 90 },
      top: {
        root: { at: 'hip', x: 0.49, y: 0.26 },
        trunkDeg: 67,
        headDeg: 74,
        arms: { kind: 'at', x: 0.755, y: 0.015, elbow: 'up' },
        farArms: { kind: 'at', x: 0.755, y: 0.015, elbow: 'up' },
      },
      bottom: {
        root: { at: 'hip', x: 0.49, y: 0.255 },
        trunkDeg: 68,
        headDeg: 76,
        arms: { kind: 'at', x: 0.755, y: 0.015, elbow: 'up' },
        farArms: { kind: 'at', x: 0.94, y: 0.05, elbow: 'up' },
      },
    },
  },
} as const satisfies Variation;
