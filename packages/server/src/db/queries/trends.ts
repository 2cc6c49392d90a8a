import type { Dose } from '@drubo/core';
import type { TrendSet } from '@drubo/core/trends';
import type { ItemId, LeverValues, PersonId, SessionId, SheetId } from '@drubo/core/vocabulary';
import type { SessionRow } from '../models';
import type { Scope } from '../scope';

/** Whose, and since which day. */
interface Since {
  personId: PersonId;
  since: string;
}

/** The person's sessions first, and all else from there: no query may walk through everybody's. */
const HERS = 'sessions INDEXED BY sessions_by_person';
const SINCE = `sessions.studioId = :studioId AND sessions.personId = :personId AND sessions.date >= :since
    AND sessions.state IN ('finished', 'reviewed')`;
/** What was done, even where it was undone again: an exercise brought in and taken off counts as one of the session. */
const WAS_USED = `EXISTS (SELECT 1 FROM set_revisions AS used
      WHERE used.studioId = items.studioId AND used.sessionId = sessions.id AND used.itemId = items.id)`;
const ITEMS_OF_HERS = `${HERS}
  CROSS JOIN sheet_items AS items ON items.studioId = sessions.studioId AND items.sheetId = sessions.sheetId`;

const SESSIONS = `
  SELECT id, sheetId, date, effort, minutes, startedAt, finishedAt FROM ${HERS} WHERE ${SINCE} ORDER BY startedAt`;

export type TrendSessionRow = Pick<SessionRow, 'id' | 'sheetId' | 'date' | 'effort' | 'minutes' | 'startedAt' | 'finishedAt'>;

/** Finished sessions, oldest first. */
export const trendSessionRows = (scope: Scope, since: Since): Promise<TrendSessionRow[]> =>
  scope.select<TrendSessionRow>(SESSIONS, { ...since });

const ITEMS = `
  SELECT items.id, items.sheetId, items.variationId, items.dose FROM ${ITEMS_OF_HERS}
  WHERE ${SINCE} AND (items.removed = 0 OR ${WAS_USED})`;

/** An exercise of a sheet that was trained. */
export interface TrendItem {
  id: string;
  sheetId: SheetId;
  variationId: string;
  dose: Dose;
}

export const trendItems = async (scope: Scope, since: Since): Promise<TrendItem[]> =>
  (await scope.select<Omit<TrendItem, 'dose'> & { dose: string }>(ITEMS, { ...since })).map((item) => ({
    ...item,
    dose: JSON.parse(item.dose) as Dose,
  }));

/** What a trend reads of a set, no more: years of sets are too many to build whole. */
const SETS = `
  SELECT sets.sessionId, sets.itemId, sets.kind, sets.side, sets.setIndex, sets.reps, sets.reserve, sets.externalKg,
    sets.jointPain, sets.tempoMeasured, sets.seconds
  FROM ${HERS} CROSS JOIN current_sets AS sets ON sets.studioId = sessions.studioId AND sets.sessionId = sessions.id
  WHERE ${SINCE}`;

export type TrendSetRow = TrendSet & { sessionId: SessionId; itemId: ItemId };

export const trendSets = async (scope: Scope, since: Since): Promise<TrendSetRow[]> =>
  (await scope.select<Omit<TrendSetRow, 'tempoMeasured'> & { tempoMeasured: string | null }>(SETS, { ...since })).map((set) => ({
    ...set,
    tempoMeasured: set.tempoMeasured === null ? null : (JSON.parse(set.tempoMeasured) as number[]),
  }));

const CHECKED = `
  SELECT DISTINCT records.sessionId FROM ${HERS}
  CROSS JOIN current_session_records AS records ON records.studioId = sessions.studioId AND records.sessionId = sessions.id
  WHERE ${SINCE} AND records.kind = 'check-in'`;

/** Sessions that began with a check-in. */
export const checkedSessionIds = async (scope: Scope, since: Since): Promise<string[]> =>
  (await scope.select<{ sessionId: SessionId }>(CHECKED, { ...since })).map(({ sessionId }) => sessionId);

const MOVEMENTS = `
  SELECT items.variationId, COUNT(DISTINCT sessions.id) AS sessions, MAX(sessions.date) AS lastOn
  FROM ${ITEMS_OF_HERS}
  WHERE ${SINCE} AND ${WAS_USED}
  GROUP BY items.variationId ORDER BY sessions DESC, items.variationId`;

/** Movements that were done, the most often done first. */
export const movementsDone = (scope: Scope, since: Since): Promise<{ variationId: string; sessions: number; lastOn: string }[]> =>
  scope.select(MOVEMENTS, { ...since });

const OF_MOVEMENT = `
  SELECT DISTINCT sessions.id AS sessionId, sessions.date, items.id AS itemId, items.dose, items.leverValues
  FROM ${ITEMS_OF_HERS}
  WHERE ${SINCE} AND items.variationId = :variationId
  ORDER BY sessions.startedAt`;

/** One movement on one sheet that was trained. */
export interface MovementDone {
  sessionId: SessionId;
  date: string;
  itemId: ItemId;
  dose: Dose;
  values: LeverValues;
}

interface MovementDoneRow extends Omit<MovementDone, 'dose' | 'values'> {
  dose: string;
  leverValues: string;
}

/** Where a movement was on the sheet, session by session. */
export const sessionsOfMovement = async (scope: Scope, since: Since, variationId: string): Promise<MovementDone[]> =>
  (await scope.select<MovementDoneRow>(OF_MOVEMENT, { ...since, variationId })).map(({ dose, leverValues, ...done }) => ({
    ...done,
    dose: JSON.parse(dose) as Dose,
    values: JSON.parse(leverValues) as LeverValues,
  }));
