import type { PersonId } from '@drubo/core/vocabulary';
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

/** What of an exercise as it was planned a history reads. */
const READ = ['id', 'sheetId', 'variationId', 'values', 'dose'] as const;
type Item = Pick<SheetItemRow, (typeof READ)[number]>;

/** A person's earlier sessions by movement, oldest first. */
export interface ExerciseHistory {
  of(variationId: string): PastExercise[];
  /** Every movement that was done. */
  movements(): string[];
}

/** What somebody did, movement by movement, as far as it is in the catalogue. */
export const doneBy = (catalogue: Catalogue, history: ExerciseHistory) =>
  history.movements().flatMap((id) => {
    const variation = findVariation(catalogue, id);
    return variation ? [{ variation, past: history.of(id) }] : [];
  });

const NONE: ExerciseHistory = { of: () => [], movements: () => [] };

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
  };
};

const itemsOf = (items: readonly Item[], session: SessionRow): Item[] => items.filter((item) => item.sheetId === session.sheetId);

const asPast = (session: SessionRow, item: Item, setsByItem: ReadonlyMap<string, PastExercise['sets']>): PastExercise => ({
  sessionId: session.id,
  day: dayNumber(session.date),
  dose: item.dose,
  values: item.values,
  sets: (setsByItem.get(item.id) ?? []).filter((set) => set.sessionId === session.id),
});
