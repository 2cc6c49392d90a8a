export { counted } from './counted';
export { formatNumber } from '../formats';
export { WORDING } from './wording';
export type { WordingContext } from './wording';
export {
  formatAim,
  formatDose,
  formatLoad,
  formatMass,
  formatPieces,
  formatPieceTypes,
  formatReps,
  formatRest,
  formatSets,
  formatSide,
} from './format';
export {
  BASIS_LABELS,
  EMPHASIS_LABELS,
  ENDING_LABELS,
  FAMILY_LABELS,
  FAULT_LABELS,
  GOAL_LABELS,
  KIT_LABELS,
  LIMIT_LABELS,
  METHOD_LABELS,
  METHOD_WORDS,
  QUESTION_LABELS,
  SCHOOL_LABELS,
  POSITION_LABELS,
  PRESET_LABELS,
  SIDE_LABELS,
  STANCE_LABELS,
  TASK_LABELS,
  TRAINING_AGE_LABELS,
  VERDICT_LABELS,
} from './labels';
export {
  AGGRAVATOR_LABELS,
  BODY_SIDE_LABELS,
  CAUTION_LABELS,
  HEALTH_TOPIC_LABELS,
  PERSON_STATE_LABELS,
  RANGE_LABELS,
  READINESS_ASKS,
  READINESS_GROUP_TITLES,
  ROLE_LABELS,
  TASK_WORDS,
} from './health-labels';
export { daysAgoWords, LIFT_HOLD_WORDS, LIFT_SOURCE_LABELS, LIFT_SOURCE_WORDS } from './known-lift-words';
export { referralNote } from './referral';
export type { Referral } from './referral';
export { INTENT_LABELS, ROLE_HEADINGS, SHAPE_LABELS, SHAPE_WORDS, SPLIT_LABELS } from './sheet-labels';
export {
  CAUSE_WORDS,
  ENERGY_LABELS,
  ILLNESS_LABELS,
  JOINT_LABELS,
  MORNING_LABELS,
  MUSCLE_LABELS,
  SET_KIND_LABELS,
  SLEEP_LABELS,
} from './session-labels';
export { formatChange, formatTurns, sheetText } from './sheet-words';
export { inSentence } from './in-sentence';
export type { Changed, Movements, PlaceName, WrittenSheet } from './sheet-words';
