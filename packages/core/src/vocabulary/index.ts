export { CHANGE_LEVERS, FAMILIES, GOALS, LOAD_POSITIONS, METHODS, STANCES, TRAINING_AGES, VERDICTS } from './training';
export type { ChangeLever, Family, Goal, LoadPosition, MethodId, Stance, TrainingAge, Verdict } from './training';
export { CLEAN_VALUES, FAULTS, FAULT_SEVERITIES, LOGGERS, RESERVE_SOURCES, SET_ENDINGS, SET_KINDS, SIDES } from './set-record';
export type { Clean, FaultId, FaultSeverity, Logger, ReserveSource, SetEnding, SetKind, Side } from './set-record';
export { MASS_UNITS, PIECE_TYPES } from './kit';
export type { MassUnit, PieceType } from './kit';
export type { Tempo, TempoPart } from './tempo';
export { BASES, REASON_CODES, reason } from './reasons';
export type { BasisId, Reason, ReasonCode, ReasonValues } from './reasons';
