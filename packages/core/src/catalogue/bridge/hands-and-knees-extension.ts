import { ONE_LEG_BRIDGE } from '../bases';
import { BAND, TEMPO, TOP_HOLD } from '../scales';
import type { Variation } from '../types';

/** On hands and knees, one bent leg lifts from the hip. */
export const handsAndKneesExtension = {
  ...ONE_LEG_BRIDGE,
  id: 'hands-and-knees-extension',
  name: 'Hands-and-knees hip extension',
  aliases: ['quadruped hip extension', 'donkey kick'],
  kneeShare: 0,
  emphasis: { glutes: 0.8, trunk: 0.3 },
  loadPositions: ['none'],
  kit: [],
  levers: [BAND, TOP_HOLD, TEMPO],
  bodyMassShare: 0.16,
  repRange: { low: 12, high: 20 },
  setUpSeconds: 15,
  holdsAt: { bottom: 'knee under the hip', top: 'thigh level' },
  firstLoadShare: { novice: 0, trained: 0 },
  cues: ['Back stays still', 'Sole to the ceiling', 'Ribs down'],
  faults: ['low-back-over-arches', 'hips-twist', 'range-short'],
  cautions: ['Sore wrists: on the forearms. Sore knees: on a pad.'],
  traits: ['hands-on-floor', 'kneeling'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'side',
      nearFoot: { kind: 'ankle-at', x: -0.246, y: 0.03, toesDeg: 180 },
      farFoot: { kind: 'ankle-at', x: -0.246, y: 0.03, toesDeg: 180 },
      top: {
        root: { at: 'knee', x: 0, y: 0.03, thighDeg: 0 },
        trunkDeg: 74,
        headDeg: 80,
        far: { kind: 'free', thighDeg: -84, shankDeg: -172, toesDeg: -172 },
        arms: { kind: 'at', x: 0.31, y: 0.012 },
      },
      bottom: {
        root: { at: 'knee', x: 0, y: 0.03, thighDeg: 0 },
        trunkDeg: 74,
        headDeg: 80,
        far: { kind: 'free', thighDeg: 2, shankDeg: -88, toesDeg: -180 },
        arms: { kind: 'at', x: 0.31, y: 0.012 },
      },
    },
  },
} as const satisfies Variation;
