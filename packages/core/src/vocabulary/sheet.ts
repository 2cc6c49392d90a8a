/** What an exercise is for in a session, in the order they come. */
export const ROLES = ['prep', 'main', 'accessory', 'finisher', 'cool-down'] as const;
export type Role = (typeof ROLES)[number];

/** What is done before and after the work: easy, never judged, never moved on. */
const DRILL_ROLES: readonly Role[] = ['prep', 'cool-down'];
export const isDrillRole = (role: Role | undefined): boolean => role !== undefined && DRILL_ROLES.includes(role);
/** Whether a place on a sheet is a drill's: those are named after what they are. */
export const isDrillSlot = (slot: string): boolean => DRILL_ROLES.some((role) => slot.startsWith(`${role}-`));

/** `straight`: one exercise after another. `rounds`: a set of each in turn, a pair or a circuit. */
export const BLOCK_KINDS = ['straight', 'rounds'] as const;
export type BlockKind = (typeof BLOCK_KINDS)[number];

/** Shapes a session can have; the first is what Drubo proposes unless asked. */
export const SESSION_SHAPES = [
  'prep-compounds-accessories',
  'straight-sets',
  'pairs-with-finisher',
  'circuit',
  'tempo-circuit',
  'home-drills',
  'four-drills',
  'skill-practice',
  'mobility',
  'two-day-split',
] as const;
export type SessionShape = (typeof SESSION_SHAPES)[number];

/** A stretch of a sheet as it is headed: on a day of mobility the drills are the day. */
export type Stretch = Role | 'mobility';
export const stretchOf = (role: Role, shape: SessionShape): Stretch =>
  shape === 'mobility' && isDrillRole(role) ? 'mobility' : role;

/** What a session is meant to do to somebody today. */
export const INTENTS = ['build', 'lighter'] as const;
export type Intent = (typeof INTENTS)[number];

/**
 * Which days of a plan an exercise's track belongs to: every day, one of the days of a split, or a day that leads with a pattern,
 * heavy or light.
 */
export const DAY_ROLES = [
  'all',
  'a',
  'b',
  'squat-led',
  'hinge-led',
  'one-leg-led',
  'squat-light',
  'hinge-light',
  'mobility',
] as const;
export type DayRole = (typeof DAY_ROLES)[number];

/** What a week's hard sets are counted in, in order: muscles, and of the hamstrings the sets that bend the knee. */
export const WEEK_NEEDS = [
  'front-thigh',
  'hamstrings',
  'glutes',
  'knee-bend',
  'calves',
  'adductors',
  'side-hip',
  'trunk',
] as const;

/** What falls due for somebody: at a block's end or a lighter week, and what was left open. */
export const DUES = ['plan-missed', 'block-ends', 'lighter-week', 'lighter-due', 'limits-ask', 'screen-again', 'review'] as const;
export type Due = (typeof DUES)[number];

/** The days of a two-day split. */
export const SPLIT_DAYS = ['a', 'b'] as const;
export type SplitDay = (typeof SPLIT_DAYS)[number];
