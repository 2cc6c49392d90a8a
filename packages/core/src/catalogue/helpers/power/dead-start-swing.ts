import { POWER } from '../../bases';
import { BAR_HEIGHT } from '../../scales';
import { bellFrom, HIKED_BACK, swungTo } from '../../swinging';
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
  figure: bellFrom(
    {
      root: { at: 'foot', shankDeg: 6, thighDeg: 50 },
      trunkDeg: 70,
      headDeg: 54,
      arms: { kind: 'angles', upperDeg: -2, forearmDeg: 2 },
    },
    swungTo(76, 80),
    [HIKED_BACK],
  ),
} as const satisfies Variation;
