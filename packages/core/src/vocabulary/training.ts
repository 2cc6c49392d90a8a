/** The four movement families a session is built from. */
export const FAMILIES = ['squat', 'lunge', 'hinge', 'bridge'] as const;
export type Family = (typeof FAMILIES)[number];

/** What the person trains for; one main goal decides the dose. */
export const GOALS = ['build-muscle', 'get-stronger', 'move-well', 'fat-loss-and-capacity', 'power'] as const;
export type Goal = (typeof GOALS)[number];

/** How long the person has trained with loads: under about a year, some years, many years. */
export const TRAINING_AGES = ['novice', 'intermediate', 'advanced'] as const;
export type TrainingAge = (typeof TRAINING_AGES)[number];

/** Where the load is carried. `hips` lies across the front of the hips. */
export const LOAD_POSITIONS = ['none', 'goblet', 'sides', 'hips'] as const;
export type LoadPosition = (typeof LOAD_POSITIONS)[number];

/** Whether one leg does the work at a time. */
export const STANCES = ['two-leg', 'one-leg'] as const;
export type Stance = (typeof STANCES)[number];

/** The outcome of a review, per exercise. */
export const VERDICTS = ['move-up', 'same-again', 'ease-back', 'leave-out'] as const;
export type Verdict = (typeof VERDICTS)[number];

/** How an exercise progresses. Named methods; each has a file of its own in `progression/methods`. */
export const METHODS = ['range-then-load'] as const;
export type MethodId = (typeof METHODS)[number];

/** What one decision may change about a dose. */
export const CHANGE_LEVERS = ['load', 'reps', 'sets'] as const;
export type ChangeLever = (typeof CHANGE_LEVERS)[number];
