import type { SetRecordDto } from '@drubo/contracts';
import type { PersonId, SessionId } from '@drubo/core/vocabulary';
import { dayNumber } from '@drubo/core';
import { findVariation } from '@drubo/core/catalogue';
import type { Catalogue } from '@drubo/core/catalogue';
import type { PastExercise } from '@drubo/core/judging';
import type { SessionRow, SheetItemRow } from '../db/models';
import type { Scope } from '../db/scope';
import { before } from '../db/where';
import { setsOf } from '../db/queries/sets';

/** Sessions back that an engine reads: three months or more; what lies before hardly moves an estimate. */
const SESSIONS_BACK = 30;
/** Sessions back that "last time" looks for a slot. */
const LAST_TIME_BACK = 6;

/** What of an exercise as it was planned a history reads. */
const READ = ['id', 'sheetId', 'slot', 'variationId', 'values', 'dose'] as const;
type Item = Pick<SheetItemRow, (typeof READ)[number]>;

/** A person's earlier sessions by movement, oldest first. */
export interface ExerciseHistory {
  of(variationId: string): PastExercise[];
  /** Every movement that was done. */
  movements(): string[];
  /** What was done in a slot the last time it was, of the last few sessions; null: in none of them. */
  lastIn(slot: string): LastTime | null;
}

/** What somebody did in one place of a sheet the last time. */
export interface LastTime extends Pick<SheetItemRow, 'variationId' | 'dose'> {
  sessionId: SessionId;
  date: string;
  sets: SetRecordDto[];
}

/** What somebody did, movement by movement, as far as it is in the catalogue. */
export const doneBy = (catalogue: Catalogue, history: ExerciseHistory) =>
  history.movements().flatMap((id) => {
    const variation = findVariation(catalogue, id);
    return variation ? [{ variation, past: history.of(id) }] : [];
  });

const NONE: ExerciseHistory = { of: () => [], movements: () => [], lastIn: () => null };

/** Everything a person did before a moment (or at all), ready for the engines. Running and discarded sessions are out. */
export const exerciseHistory = async (
  scope: Scope,
  personId: PersonId,
  startedBefore: string | null,
): Promise<ExerciseHistory> => {
  // The date belongs to the question: a late review reads as many sessions before it as a timely one.
  const sessions = await scope.all(
    'sessions',
    { personId, state: ['finished', 'reviewed'], ...(startedBefore === null ? {} : { startedAt: before(startedBefore) }) },
    { order: [['startedAt', 'DESC']], limit: SESSIONS_BACK },
  );
  if (sessions.length === 0) return NONE;
  const items = await scope.all('sheetItems', { sheetId: sessions.map((session) => session.sheetId) }, { columns: READ });
  const sets = await setsOf(
    scope,
    sessions.map((session) => session.id),
  );
  const setsByItem = new Map<string, typeof sets>();
  for (const set of sets) setsByItem.set(set.itemId, [...(setsByItem.get(set.itemId) ?? []), set]);
  const past = sessions
    .toReversed()
    .flatMap((session) =>
      itemsOf(items, session).map((item) => ({ variationId: item.variationId, ...asPast(session, item, setsByItem) })),
    );
  const done = past.filter(({ sets: logged }) => logged.length > 0);
  return {
    of: (variationId) => done.filter((one) => one.variationId === variationId).map(({ variationId: _, ...one }) => one),
    movements: () => [...new Set(done.map(({ variationId }) => variationId))],
    lastIn: (slot) => lastIn(slot, sessions.slice(0, LAST_TIME_BACK), items, setsByItem),
  };
};

const lastIn = (
  slot: string,
  /** The newest first. */
  sessions: readonly SessionRow[],
  items: readonly Item[],
  setsByItem: ReadonlyMap<string, SetRecordDto[]>,
): LastTime | null => {
  for (const session of sessions) {
    for (const item of itemsOf(items, session)) {
      const sets = item.slot === slot ? (setsByItem.get(item.id) ?? []).filter((set) => set.sessionId === session.id) : [];
      const { variationId, dose } = item;
      if (sets.length > 0) return { sessionId: session.id, date: session.date, variationId, dose, sets };
    }
  }
  return null;
};

const itemsOf = (items: readonly Item[], session: SessionRow): Item[] => items.filter((item) => item.sheetId === session.sheetId);

const asPast = (session: SessionRow, item: Item, setsByItem: ReadonlyMap<string, PastExercise['sets']>): PastExercise => ({
  sessionId: session.id,
  day: dayNumber(session.date),
  dose: item.dose,
  values: item.values,
  sets: (setsByItem.get(item.id) ?? []).filter((set) => set.sessionId === session.id),
});
