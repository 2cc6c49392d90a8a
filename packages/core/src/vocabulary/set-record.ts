/** Most letters an id may have; whoever makes one of several parts keeps within it. */
export const LONGEST_ID = 80;

/** What a logged set was for. Only `work` sets are judged. */
export const SET_KINDS = ['work', 'ramp', 'feeler', 'timed', 'drop', 'skill'] as const;
export type SetKind = (typeof SET_KINDS)[number];

/** The working leg; `both` for two-leg work. */
export const SIDES = ['left', 'right', 'both'] as const;
export type Side = (typeof SIDES)[number];

/** Why the set ended. `choice`: the lifter stopped with reps to spare. */
export const SET_ENDINGS = ['planned', 'choice', 'form', 'grip', 'pain', 'failure', 'interrupted'] as const;
export type SetEnding = (typeof SET_ENDINGS)[number];

/** A note never blocks; a fault that breaks the set, or is dangerous, does. */
export const FAULT_SEVERITIES = ['note', 'breaks', 'dangerous'] as const;
export type FaultSeverity = (typeof FAULT_SEVERITIES)[number];

/** Whether the set was clean. `not-judged` is unknown, never good. */
export const CLEAN_VALUES = ['yes', 'no', 'not-judged'] as const;
export type Clean = (typeof CLEAN_VALUES)[number];

/** Who said how many reps were in reserve. */
export const RESERVE_SOURCES = ['client', 'trainer'] as const;
export type ReserveSource = (typeof RESERVE_SOURCES)[number];

/** Who logged the set. */
export const LOGGERS = ['trainer', 'client'] as const;
export type Logger = (typeof LOGGERS)[number];
