import { POWER } from '../../bases';
import { BAND } from '../../scales';
import { bellFrom, HIKED_BACK, swungTo } from '../../swinging';
import type { Variation } from '../../types';

/** Hips throw, arms follow; the bell floats no higher than the chin. Sets of five while learning. */
export const kettlebellSwing = {
  ...POWER,
  id: 'kettlebell-swing',
  name: 'Kettlebell swing',
  aliases: ['two-hand swing'],
  kneeShare: 0.08,
  emphasis: { glutes: 0.95, hamstrings: 0.8, 'low-back': 0.4 },
  loadPositions: ['between-feet'],
  firstLoadShare: { novice: 0.2, trained: 0.35 },
  kit: [['kettlebell']],
  levers: [BAND],
  repRange: { low: 5, high: 10 },
  cues: ['Hips snap, arms are ropes', 'Bell no higher than the chin', 'Let it fall, then hinge late'],
  faults: ['arms-lift-the-bell', 'hinge-turns-into-a-squat', 'leans-back-at-lock-out', 'back-moves-into-rounding'],
  cautions: ['Clear two metres in front.', 'Any squatting in it: back to hike passes.'],
  traits: ['swing', 'loaded-hinge', 'hand-held'],
  prerequisites: ['dead-start-swing'],
  figure: bellFrom(HIKED_BACK, swungTo(82, 86)),
} as const satisfies Variation;
