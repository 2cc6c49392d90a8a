/** The four movement families a session is built from. */
export const MAIN_FAMILIES = ['squat', 'lunge', 'hinge', 'bridge'] as const;
export type MainFamily = (typeof MAIN_FAMILIES)[number];

/** Every family: the four, and the helpers around them. */
export const FAMILIES = [...MAIN_FAMILIES, 'step', 'lateral', 'calf', 'trunk', 'prep', 'power', 'finisher'] as const;
export type Family = (typeof FAMILIES)[number];

/** The direction a movement mostly goes. */
export const PLANES = ['sagittal', 'frontal', 'transverse'] as const;
export type Plane = (typeof PLANES)[number];

/** What a movement trains: muscles, then qualities. */
export const EMPHASES = [
  'front-thigh',
  'hamstrings',
  'glutes',
  'adductors',
  'side-hip',
  'calves',
  'low-back',
  'trunk',
  'balance',
  'mobility',
] as const;
export type EmphasisId = (typeof EMPHASES)[number];

/** What the person trains for; one main goal decides the dose. */
export const GOALS = ['build-muscle', 'get-stronger', 'move-well', 'fat-loss-and-capacity', 'power'] as const;
export type Goal = (typeof GOALS)[number];

/** How long the person has trained with loads: under about a year, some years, many years. */
export const TRAINING_AGES = ['novice', 'intermediate', 'advanced'] as const;
export type TrainingAge = (typeof TRAINING_AGES)[number];

/**
 * Where the load is carried. `hips` lies across the front of the hips; `between-feet` hangs from straight arms; `suitcase` is one
 * weight at one side, `rack-one` one at a shoulder.
 */
export const LOAD_POSITIONS = [
  'none',
  'counterweight',
  'belly',
  'between-feet',
  'sides',
  'suitcase',
  'hips',
  'belt',
  'goblet',
  'rack',
  'rack-one',
  'zercher',
  'front-bar',
  'back-bar',
  'bar-in-hands',
  'trap-bar',
  'overhead',
  'machine',
] as const;
export type LoadPosition = (typeof LOAD_POSITIONS)[number];

/** Which side works at a time. `one-side`: one-sided work that isn't a leg's, such as a side plank. */
export const STANCES = ['two-leg', 'staggered', 'one-leg', 'alternating', 'one-side'] as const;
export type Stance = (typeof STANCES)[number];

/** Whether reps are counted per side: for one-sided and alternating work. */
export const isPerSide = (stance: Stance): boolean => stance !== 'two-leg';

/** The outcome of a review, per exercise. */
export const VERDICTS = ['move-up', 'same-again', 'ease-back', 'leave-out'] as const;
export type Verdict = (typeof VERDICTS)[number];

/** How an exercise progresses. Named methods; each has a file of its own in `progression/methods`. */
export const METHODS = ['reserve-led', 'range-then-load', 'two-for-two', 'straight-line', 'ladder-gate'] as const;
export type MethodId = (typeof METHODS)[number];

/** What one decision may change about a dose. */
export const CHANGE_LEVERS = ['load', 'reps', 'sets', 'reserve', 'seconds'] as const;
export type ChangeLever = (typeof CHANGE_LEVERS)[number];

/** Questions of a verdict, in the order they are asked. */
export const QUESTION_IDS = [
  'pain',
  'done',
  'clean',
  'grip',
  'cut',
  'back',
  'method',
  'stall',
  'dip',
  'too-easy',
  'spent',
  'may-move-up',
  'session-cap',
] as const;
export type QuestionId = (typeof QUESTION_IDS)[number];

/** What put a person on the stage they stand on: a review, the trainer's hand, a lift they are known for. */
export const STANDING_SOURCES = ['review', 'hand', 'known-lift'] as const;
export type StandingSource = (typeof STANDING_SOURCES)[number];
