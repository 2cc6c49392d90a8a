/** Why an exercise was changed or left while a session ran. `short`: the sets kept falling under the range. */
export const CHANGE_CAUSES = ['time', 'kit', 'pain', 'fault', 'short', 'check-in', 'choice'] as const;
export type ChangeCause = (typeof CHANGE_CAUSES)[number];

/** How somebody slept, and how much they have today. */
export const SLEEP_VALUES = ['short', 'usual', 'long'] as const;
export type Sleep = (typeof SLEEP_VALUES)[number];
export const ENERGY_VALUES = ['low', 'usual', 'high'] as const;
export type Energy = (typeof ENERGY_VALUES)[number];

/** `just-over`: a fever or chest illness whose last sign lies one or two days back. */
export const ILLNESS_VALUES = ['none', 'fever-or-chest', 'just-over'] as const;
export type Illness = (typeof ILLNESS_VALUES)[number];

/** Whether yesterday's pain had settled by the next morning. */
export const MORNING_VALUES = ['none', 'settled', 'not-settled'] as const;
export type Morning = (typeof MORNING_VALUES)[number];

/** Muscles that get sore from training, as they are asked. */
export const SORE_MUSCLES = ['front-thigh', 'hamstrings', 'glutes', 'adductors', 'calves', 'low-back'] as const;
export type SoreMuscle = (typeof SORE_MUSCLES)[number];

/** Joints asked about before a session and named after it. Soreness of muscles is asked apart. */
export const JOINT_AREAS = ['knee', 'hip', 'groin', 'low-back', 'ankle-foot'] as const;
export type JointArea = (typeof JOINT_AREAS)[number];

/** `paper`: typed in afterwards from notes. */
export const SESSION_ENTRIES = ['live', 'paper'] as const;
export type SessionEntry = (typeof SESSION_ENTRIES)[number];
