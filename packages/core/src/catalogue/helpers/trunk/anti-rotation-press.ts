import { TRUNK } from '../../bases';
import { TEMPO, WITH_BAND } from '../../scales';
import type { Variation } from '../../types';

/** A band pulls from the side; press it out and don't turn. */
export const antiRotationPress = {
  ...TRUNK,
  id: 'anti-rotation-press',
  name: 'Anti-rotation press',
  aliases: ['band press-out'],
  kneeShare: 0,
  emphasis: { trunk: 0.85, glutes: 0.2 },
  loadPositions: ['none'],
  firstLoadShare: { novice: 0, trained: 0 },
  kit: [['band', 'cable']],
  levers: [WITH_BAND, TEMPO],
  plane: 'transverse',
  stance: 'one-side',
  repRange: { low: 8, high: 12 },
  holdsAt: { bottom: 'pressed out', top: 'at the chest' },
  cues: ['Hips and ribs face front', 'Press slowly', 'Breathe out at the reach'],
  faults: ['hips-twist', 'breath-held', 'tempo-lost'],
  cautions: ['Check the anchor and the band.'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'front',
      top: {
        hip: [0, 0.5, 0],
        trunkSideDeg: 0,
        trunkForwardDeg: 3,
        left: { ankle: [-0.13, 0.039, 0], toesOutDeg: 10 },
        right: { ankle: [0.13, 0.039, 0], toesOutDeg: 10 },
        leftHand: [0.09, -0.07, 0.09],
        rightHand: [-0.09, -0.07, 0.09],
      },
      bottom: {
        hip: [0, 0.49, 0],
        trunkSideDeg: 0,
        trunkForwardDeg: 3,
        left: { ankle: [-0.13, 0.039, 0], toesOutDeg: 10 },
        right: { ankle: [0.13, 0.039, 0], toesOutDeg: 10 },
        leftHand: [0.09, -0.06, 0.35],
        rightHand: [-0.09, -0.06, 0.35],
      },
      props: [
        { kind: 'line', from: { x: 0.55, y: 0.7 }, to: 'hand', look: 'band' },
        { kind: 'pole', x: 0.55, h: 0.95 },
      ],
    },
  },
} as const satisfies Variation;
