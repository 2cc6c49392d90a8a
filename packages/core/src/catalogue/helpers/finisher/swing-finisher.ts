import { FINISHER } from '../../bases';
import { TEMPO } from '../../scales';
import { bellFrom, HIKED_BACK, swungTo } from '../../swinging';
import type { Variation } from '../../types';

/** Crisp swings for 30–45 s, stopped while they are crisp. */
export const swingFinisher = {
  ...FINISHER,
  id: 'swing-finisher',
  name: 'Swing finisher',
  aliases: ['timed swings'],
  kneeShare: 0.08,
  emphasis: { glutes: 0.9, hamstrings: 0.8 },
  loadPositions: ['between-feet'],
  firstLoadShare: { novice: 0.2, trained: 0.3 },
  kit: [['kettlebell']],
  levers: [TEMPO],
  unloadedAllowed: false,
  bodyMassShare: 0.47,
  jumpOn: 'external',
  cues: ['Hips snap, arms are ropes', 'Stop while crisp', 'Breathe out at the top'],
  faults: ['arms-lift-the-bell', 'hinge-turns-into-a-squat', 'tempo-lost'],
  cautions: ['Only once sets of ten swings are clean.'],
  traits: ['swing', 'loaded-hinge', 'hand-held'],
  prerequisites: ['kettlebell-swing'],
  figure: bellFrom(HIKED_BACK, swungTo(82, 86)),
} as const satisfies Variation;
