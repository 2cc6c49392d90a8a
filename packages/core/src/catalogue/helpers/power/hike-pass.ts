import { POWER } from '../../bases';
import { BAR_HEIGHT } from '../../scales';
import type { Variation } from '../../types';

/** The bell is hiked back between the legs and caught at the hips; singles, then three in a row. */
export const hikePass = {
  ...POWER,
  id: 'hike-pass',
  name: 'Hike pass',
  aliases: ['bell hike', 'hike and park'],
  kneeShare: 0.08,
  emphasis: { glutes: 0.7, hamstrings: 0.7, 'low-back': 0.3 },
  loadPositions: ['between-feet'],
  firstLoadShare: { novice: 0.15, trained: 0.25 },
  kit: [['kettlebell']],
  levers: [BAR_HEIGHT],
  repRange: { low: 1, high: 5 },
  startsAt: 'bottom',
  holdsAt: { bottom: 'bell ahead', top: 'bell behind' },
  cues: ['Bell high between the thighs', 'Hips back, shins still', 'Set it down where it started'],
  faults: ['hinge-turns-into-a-squat', 'arms-lift-the-bell', 'low-back-rounds'],
  cautions: ['Clear two metres in front.'],
  traits: ['swing', 'loaded-hinge', 'hand-held'],
  prerequisites: ['kettlebell-deadlift'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'side',
      nearFoot: { kind: 'flat', heelX: 0 },
      farFoot: { kind: 'flat', heelX: 0 },
      top: {
        root: { at: 'foot', shankDeg: 0, thighDeg: 34 },
        trunkDeg: 66,
        headDeg: 50,
        arms: { kind: 'at', x: -0.09, y: 0.34 },
      },
      bottom: {
        root: { at: 'foot', shankDeg: 6, thighDeg: 52 },
        trunkDeg: 70,
        headDeg: 54,
        arms: { kind: 'at', x: 0.24, y: 0.16 },
      },
      implement: { piece: 'bell', at: 'hands' },
    },
  },
} as const satisfies Variation;
