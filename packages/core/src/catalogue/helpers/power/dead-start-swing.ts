import { POWER } from '../../bases';
import { BAR_HEIGHT } from '../../scales';
import type { Variation } from '../../types';

/** One swing from the floor and back to it. */
export const deadStartSwing = {
  ...POWER,
  id: 'dead-start-swing',
  name: 'Dead-start swing',
  aliases: ['single swing from the floor'],
  kneeShare: 0.08,
  emphasis: { glutes: 0.9, hamstrings: 0.75 },
  loadPositions: ['between-feet'],
  firstLoadShare: { novice: 0.15, trained: 0.25 },
  kit: [['kettlebell']],
  levers: [BAR_HEIGHT],
  repRange: { low: 1, high: 5 },
  cues: ['Hips snap, arms are ropes', 'Bell no higher than the chin', 'Park it, then breathe'],
  faults: ['arms-lift-the-bell', 'hinge-turns-into-a-squat', 'leans-back-at-lock-out', 'low-back-rounds'],
  cautions: ['Clear two metres in front.', 'Any squatting in it: back to hike passes.'],
  traits: ['swing', 'loaded-hinge', 'hand-held'],
  prerequisites: ['hike-to-catch'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'side',
      nearFoot: { kind: 'flat', heelX: 0 },
      farFoot: { kind: 'flat', heelX: 0 },
      top: {
        root: { at: 'foot', shankDeg: 2, thighDeg: 2 },
        trunkDeg: 0,
        headDeg: 0,
        arms: { kind: 'angles', upperDeg: 76, forearmDeg: 80 },
      },
      between: [
        {
          root: { at: 'foot', shankDeg: 0, thighDeg: 34 },
          trunkDeg: 66,
          headDeg: 50,
          arms: { kind: 'angles', upperDeg: -34, forearmDeg: -30 },
        },
      ],
      bottom: {
        root: { at: 'foot', shankDeg: 6, thighDeg: 50 },
        trunkDeg: 70,
        headDeg: 54,
        arms: { kind: 'angles', upperDeg: -2, forearmDeg: 2 },
      },
      implement: { piece: 'bell', at: 'hands' },
    },
  },
} as const satisfies Variation;
