import { FINISHER } from '../../bases';
import { RANGE, TEMPO } from '../../scales';
import type { Variation } from '../../types';

/** Squat, lunge left, lunge right, round and round, 30–45 s. */
export const squatLungeCombination = {
  ...FINISHER,
  id: 'squat-lunge-combination',
  name: 'Squat and lunge combination',
  aliases: ['squat-lunge finisher'],
  kneeShare: 0.5,
  emphasis: { 'front-thigh': 0.8, glutes: 0.8 },
  loadPositions: ['none'],
  firstLoadShare: { novice: 0, trained: 0 },
  kit: [],
  levers: [RANGE, TEMPO],
  bodyMassShare: 0.88,
  cues: ['Smooth, not fast', 'Whole front foot down', 'Breathe out on the way up'],
  faults: ['knees-cave', 'tempo-lost', 'range-short', 'wobble'],
  cautions: ['Sore knees: squats to a box only.'],
  traits: ['forward-step'],
  prerequisites: ['bodyweight-squat'],
  figure: { maker: 'squat', carry: 'arms-forward', hold: 'forward', thighDeg: 92 },
} as const satisfies Variation;
