import { HINGE } from '../bases';
import { RANGE, TEMPO } from '../scales';
import type { Variation } from '../types';

/** On hands and knees: hips to the heels without the back moving. Teaches pelvis and low-back control. */
export const rockBack = {
  ...HINGE,
  id: 'rock-back',
  name: 'Rock-back',
  aliases: ['quadruped rock-back', 'hands-and-knees rock'],
  kneeShare: 0.2,
  emphasis: { mobility: 0.6, trunk: 0.4, glutes: 0.2 },
  loadPositions: ['none'],
  firstLoadShare: { novice: 0, trained: 0 },
  kit: [],
  levers: [RANGE, TEMPO],
  unloadedAllowed: true,
  bodyMassShare: 0,
  repRange: { low: 8, high: 12 },
  setUpSeconds: 15,
  holdsAt: { bottom: 'hips back', top: 'over the knees' },
  cues: ['Back stays as it is', 'Hips back, not down', 'Stop where the tail tucks'],
  faults: ['low-back-rounds', 'low-back-over-arches', 'hips-shift'],
  cautions: ['Sore wrists: on fists or forearms. Sore knees: on a pad.'],
  traits: ['hands-on-floor', 'kneeling'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'side',
      nearFoot: { kind: 'ankle-at', x: -0.246, y: 0.03, toesDeg: 180 },
      farFoot: { kind: 'ankle-at', x: -0.246, y: 0.03, toesDeg: 180 },
      top: {
        root: { at: 'knee', x: 0, y: 0.03, thighDeg: 0 },
        trunkDeg: 78,
        headDeg: 84,
        arms: { kind: 'at', x: 0.42, y: 0.015 },
      },
      bottom: {
        root: { at: 'knee', x: 0, y: 0.03, thighDeg: 44 },
        trunkDeg: 84,
        headDeg: 88,
        arms: { kind: 'at', x: 0.42, y: 0.015 },
      },
    },
  },
} as const satisfies Variation;
