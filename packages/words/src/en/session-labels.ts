import type { ChangeCause, Energy, Illness, JointArea, Morning, SetKind, Sleep, SoreMuscle } from '@drubo/core/vocabulary';

/** Words of a running session, as they stand on screen. */
export const MUSCLE_LABELS: Record<SoreMuscle, string> = {
  'front-thigh': 'Front of thigh',
  hamstrings: 'Back of thigh',
  glutes: 'Glutes',
  adductors: 'Inner thigh',
  calves: 'Calves',
  'low-back': 'Low back muscles',
};

export const JOINT_LABELS: Record<JointArea, string> = {
  knee: 'Knee',
  hip: 'Hip',
  groin: 'Groin',
  'low-back': 'Low back',
  'ankle-foot': 'Ankle or foot',
};

export const SLEEP_LABELS: Record<Sleep, string> = { short: 'Short', usual: 'As usual', long: 'Long' };
export const ENERGY_LABELS: Record<Energy, string> = { low: 'Low', usual: 'As usual', high: 'High' };
export const ILLNESS_LABELS: Record<Illness, string> = {
  none: 'Well',
  'just-over': 'Just over it',
  'fever-or-chest': 'Fever or chest',
};
export const MORNING_LABELS: Record<Morning, string> = {
  none: 'No pain',
  settled: 'Settled by morning',
  'not-settled': 'Still there in the morning',
};

/** Why something was cut, after a verb: "cut for time". */
export const CAUSE_WORDS: Record<ChangeCause, string> = {
  time: 'for time',
  kit: 'because the kit was taken',
  pain: 'for pain',
  fault: 'for form',
  short: 'because sets fell short',
  'check-in': 'by the check-in',
  choice: 'by choice',
};

/** What a set is called, counted from one in front of it. */
export const SET_KIND_LABELS: Record<SetKind, string> = {
  work: 'Set',
  timed: 'Set',
  ramp: 'Ramp set',
  feeler: 'Feeler',
  drop: 'Drop',
  skill: 'Try',
};
