import type { PlannedFor, Track } from '../composer';
import { dayNumber } from '../units';
import type { DayRole, Intent, KitId, SessionShape, SplitDay } from '../vocabulary';

/** What makes a sheet one of the plan's days, or a day of its own. */
export interface DayOf {
  shape: SessionShape;
  intent: Intent;
  splitDay: SplitDay | null;
  kitId: KitId | null;
  /** Null: the person's own minutes. */
  minutesBudget: number | null;
}

/** Which of the plan's days a sheet of this kind is. */
export const roleOf = (splitDay: SplitDay | null): DayRole => splitDay ?? 'all';

/**
 * Whether a sheet is one of the plan's days, as `usual` days are: another shape, place or intent, or fewer minutes, make it
 * a day of its own.
 */
export const roleAmong = (usual: Omit<DayOf, 'splitDay'>, day: DayOf): DayRole | null => {
  const isShorter = (day.minutesBudget ?? Infinity) < (usual.minutesBudget ?? Infinity);
  const isSame = day.shape === usual.shape && day.kitId === usual.kitId && day.intent === 'build';
  return isSame && !isShorter ? roleOf(day.splitDay) : null;
};

/** Where a sheet is trained: where the plan has its day, else as `usual`. Null: the person's usual place. */
export const kitOfDay = (planned: Pick<PlannedFor, 'here'> | undefined, usual: KitId | null): KitId | null =>
  planned ? (planned.here?.kitId ?? null) : usual;

/** Days until what was left out for pain is tried again, as light as it was left. House default. */
const TRY_AGAIN_DAYS = 14;

/** Whether the pain a track was left out for is long enough ago to try it again; what a trainer left out stays out. */
const isTriedAgain = ({ leftOut, memory, lastDecision }: Track, day: number): boolean =>
  leftOut &&
  memory?.eased?.because === 'pain' &&
  lastDecision !== null &&
  !lastDecision.edited &&
  day - dayNumber(lastDecision.sessionDate) >= TRY_AGAIN_DAYS;

/**
 * The tracks a day of the plan goes on from: its own, and where it has none in a slot another day's, so that a new split
 * starts from what stood before. What another day left out is not left out here. What pain took off comes back to be
 * tried after two weeks.
 */
export const tracksFor = (given: readonly Track[], role: DayRole, day: number): Track[] => {
  const tracks = given.map((track) => (isTriedAgain(track, day) ? { ...track, leftOut: false } : track));
  const own = tracks.filter(({ dayRole = 'all' }) => dayRole === role);
  const others = tracks.filter(
    ({ dayRole = 'all', slot, leftOut }) => dayRole !== role && !leftOut && !own.some((track) => track.slot === slot),
  );
  const borrowed = others.filter(({ slot }, at) => others.findIndex((track) => track.slot === slot) === at);
  return [...own, ...borrowed];
};

/** Whether a sheet says what the next ones are like: a day of mobility between hard ones does not. */
export const setsPattern = ({ shape }: Pick<DayOf, 'shape'>): boolean => shape !== 'mobility';
