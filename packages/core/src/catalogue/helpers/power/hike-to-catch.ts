import { POWER } from '../../bases';
import { BAR_HEIGHT } from '../../scales';
import { bellFrom, HIKED_BACK, swungTo } from '../../swinging';
import type { Variation } from '../../types';

/** Hiked back, then stood up with and caught at the hips: singles first, then three in a row. */
export const hikeToCatch = {
  ...POWER,
  id: 'hike-to-catch',
  name: 'Hike to catch',
  aliases: ['hike and catch', 'half swing'],
  kneeShare: 0.08,
  emphasis: { glutes: 0.8, hamstrings: 0.7, 'low-back': 0.3 },
  loadPositions: ['between-feet'],
  firstLoadShare: { novice: 0.15, trained: 0.25 },
  kit: [['kettlebell']],
  levers: [BAR_HEIGHT],
  repRange: { low: 1, high: 3 },
  startsAt: 'bottom',
  holdsAt: { bottom: 'bell behind', top: 'caught at the hips' },
  cues: ['Hips snap, the bell comes by itself', 'Catch it at the hips, standing tall', 'Short breath out at the catch'],
  faults: ['hinge-turns-into-a-squat', 'arms-lift-the-bell', 'leans-back-at-lock-out', 'low-back-rounds'],
  cautions: ['Clear two metres in front.'],
  traits: ['swing', 'loaded-hinge', 'hand-held'],
  prerequisites: ['hike-pass'],
  figure: bellFrom(HIKED_BACK, swungTo(14, 30)),
} as const satisfies Variation;
