import { painBand } from '../limits';
import { PAIN_CUT } from './cut-load';
import type { ExerciseLog, PastExercise } from './types';
import { worstPain } from './worst-pain';

/** A session this long ago still says what stood before the pain. House default. */
const LOOKS_BACK_DAYS = 42;
/** Of the fifth that pain takes off at least, so much shows, as racks have their steps. House default. */
const SHOWS_SHARE = 0.75;
/** Sets come off by this share where the load was cut before. House default. */
const SETS_OFF = 1 / 3;

type Before = Pick<ExerciseLog, 'past' | 'day'>;

const hurt = ({ sets }: PastExercise): boolean => ['ease', 'stop'].includes(painBand(worstPain({ sets })));

/** The heaviest and the lightest work of a session, external kg; none: both 0. */
const workOf = ({ sets }: PastExercise): { most: number; least: number } => {
  const loads = sets.flatMap(({ kind, externalKg }) => (kind === 'work' ? [externalKg] : []));
  return loads.length === 0 ? { most: 0, least: 0 } : { most: Math.max(...loads), least: Math.min(...loads) };
};

/** Sessions before today, the newest first. */
const earlierOf = ({ past, day }: Before): PastExercise[] =>
  past.filter((one) => one.day < day && one.day >= day - LOOKS_BACK_DAYS).sort((a, b) => b.day - a.day);

/**
 * The heaviest work of the last session before the pain at the same settings, where the sessions in between hurt too: a lighter week, or a
 * load that was cut for the day, says nothing of what stood. External kg; 0: there is none.
 */
export const painlessLoadKg = (log: Before & Pick<ExerciseLog, 'values'>): number => {
  const last = earlierOf(log).find((one) => !hurt(one));
  return last && JSON.stringify(last.values) === JSON.stringify(log.values) ? workOf(last).most : 0;
};

/**
 * Whether the load was cut in an earlier session for a pain that is no worse today: then the load is not what does it. Read from what was
 * lifted, so that a lighter week, which no track remembers, counts too.
 */
export const wasCutForPain = (log: Before, pain: number | null): boolean => {
  const earlier = earlierOf(log);
  const [last] = earlier;
  if (!last || !hurt(last) || (pain !== null && pain > (worstPain(last) ?? 0))) return false;
  const painless = earlier.findIndex((one) => !hurt(one));
  const before = painless < 0 ? earlier.at(-1) : earlier[painless];
  return before !== undefined && workOf(last).least < workOf(before).most * (1 - SHOWS_SHARE * PAIN_CUT.least) - 0.001;
};

/** Sets where some come off for pain; 0 where none would be left. */
export const fewerForPain = (sets: number): number => sets - Math.ceil(sets * SETS_OFF);
