export {
  CHANGE_LEVERS,
  EMPHASES,
  FAMILIES,
  GOALS,
  isPerSide,
  LOAD_POSITIONS,
  MAIN_FAMILIES,
  METHODS,
  PLANES,
  QUESTION_IDS,
  STANCES,
  STANDING_SOURCES,
  TRAINING_AGES,
  VERDICTS,
} from './training';
export type {
  ChangeLever,
  EmphasisId,
  Family,
  Goal,
  LoadPosition,
  MainFamily,
  MethodId,
  Plane,
  QuestionId,
  Stance,
  StandingSource,
  TrainingAge,
  Verdict,
} from './training';
export { DAILY_TASKS } from './chips';
export type { Chip, DailyTask } from './chips';
export { CUE_KINDS, FAULTS } from './faults';
export type { CueKind, FaultId } from './faults';
export { LIFT_HOLDS, LIFT_SOURCES } from './known-lifts';
export type { LiftHold, LiftSource } from './known-lifts';
export { LEVERS } from './levers';
export type { LeverId, LeverValue, LeverValues } from './levers';
export { DERIVED_LIMITS, HOLDS, LIMITS, LIMIT_STATES, MIDDLE_LIMITS, SORE_LIMITS, TRAITS } from './limits';
export type { HoldId, LimitId, LimitState, SoreLimitId, TraitId } from './limits';
export {
  AGGRAVATORS,
  ANSWERS,
  CAREFUL_CAUSES,
  CAUTIONS,
  CLEARED_RANGES,
  CLINICIAN_ROLES,
  HEALTH_TOPICS,
  HEALTH_TOPIC_IDS,
  PERSON_STATES,
  READINESS,
  READINESS_GROUPS,
} from './health';
export type {
  Aggravator,
  Answer,
  CarefulCause,
  CautionId,
  HealthTopic,
  ClearedRange,
  ClinicianRole,
  PersonState,
  ReadinessGroup,
  ReadinessId,
} from './health';
export { SCREENING_TASKS, TASK_STATES } from './screening';
export type { ScreeningTaskId, TaskState } from './screening';
export {
  CLEAN_VALUES,
  FAULT_SEVERITIES,
  LOGGERS,
  RESERVE_SOURCES,
  SET_ENDINGS,
  SET_KINDS,
  SIDES,
  LONGEST_ID,
} from './set-record';
export type { Clean, FaultSeverity, Logger, ReserveSource, SetEnding, SetKind, Side } from './set-record';
export {
  BLOCK_KINDS,
  DAY_ROLES,
  DUES,
  INTENTS,
  isDrillRole,
  isDrillSlot,
  ROLES,
  SESSION_SHAPES,
  SPLIT_DAYS,
  stretchOf,
  WEEK_NEEDS,
} from './sheet';
export type { BlockKind, DayRole, Due, Intent, Role, SessionShape, SplitDay, Stretch } from './sheet';
export {
  CHANGE_CAUSES,
  ENERGY_VALUES,
  ILLNESS_VALUES,
  JOINT_AREAS,
  MORNING_VALUES,
  SESSION_ENTRIES,
  SLEEP_VALUES,
  SORE_MUSCLES,
} from './session';
export type { ChangeCause, Energy, Illness, JointArea, Morning, SessionEntry, Sleep, SoreMuscle } from './session';
export { SCHOOL_IDS, SCHOOLS } from './schools';
export type { SchoolId, Schools } from './schools';
export { BAND_STRENGTHS, HOME_ITEMS, KIT_ITEMS, KIT_PLACES, MASS_UNITS, PIECE_TYPES, PLACES, STUDIO_ITEMS } from './kit';
export type { BandStrength, KitItem, KitPlace, MassUnit, PieceType, Place } from './kit';
export { partSeconds } from './tempo';
export type { Tempo, TempoPart } from './tempo';
export { BASES, REASON_CODES, reason } from './reasons';
export type { BasisId, Reason, ReasonCode, ReasonValues } from './reasons';
export type { BookingId, ItemId, KitId, PersonId, RecordId, SessionId, SetId, SheetId, TemplateId, TrainerId } from './ids';
export { searchable } from './searchable';
