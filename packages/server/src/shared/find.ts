import type { SheetId } from '@drubo/core/vocabulary';
import type { KitRow, Models, PersonRow, SessionRow, SheetRow } from '../db/models';
import type { Scope } from '../db/scope';
import { AppError } from './errors';

const NAMES = {
  people: 'person',
  bookings: 'booking',
  sheets: 'sheet',
  sheetItems: 'exercise',
  sessions: 'session',
  kits: 'kit',
} as const;
type Findable = keyof typeof NAMES & keyof Models;

/** The error for an id this studio doesn't have: erased for good (410) or never known (404). */
const missing = async (scope: Scope, table: Findable, id: string): Promise<AppError> => {
  const grave = await scope.one('tombstones', { id });
  return grave
    ? new AppError('erased', `This ${NAMES[table]} was erased.`)
    : new AppError('not-found', `There is no ${NAMES[table]} with this id here.`);
};

/** Refuses an id that was erased; creating it again would bring it back. */
export const refuseErased = async (scope: Scope, table: Findable, id: string): Promise<void> => {
  if (await scope.one('tombstones', { id })) throw new AppError('erased', `This ${NAMES[table]} was erased.`);
};

export const findPerson = async (scope: Scope, id: string): Promise<PersonRow> => {
  const row = await scope.one('people', { id });
  if (!row) throw await missing(scope, 'people', id);
  return row;
};

export const findKit = async (scope: Scope, id: string): Promise<KitRow> => {
  const row = await scope.one('kits', { id });
  if (!row) throw await missing(scope, 'kits', id);
  return row;
};

export const findBooking = async (scope: Scope, id: string) => {
  const row = await scope.one('bookings', { id });
  if (!row) throw await missing(scope, 'bookings', id);
  return row;
};

export const findSheet = async (scope: Scope, id: string): Promise<SheetRow> => {
  const row = await scope.one('sheets', { id });
  if (!row) throw await missing(scope, 'sheets', id);
  return row;
};

export const findSession = async (scope: Scope, id: string): Promise<SessionRow> => {
  const row = await scope.one('sessions', { id });
  if (!row) throw await missing(scope, 'sessions', id);
  return row;
};

/** An exercise of one sheet; another sheet's is not found here. */
export const findItem = async (scope: Scope, sheetId: SheetId, id: string) => {
  const row = await scope.one('sheetItems', { id, sheetId });
  if (!row) throw await missing(scope, 'sheetItems', id);
  return row;
};

/** Refuses an edit made from an older version than the one stored. */
export const checkVersion = (stored: number, given: number, what: string): void => {
  if (stored !== given) {
    throw new AppError('stale-version', `This ${what} was changed elsewhere since you opened it.`, [
      { path: 'version', message: `is ${given}, the current one is ${stored}` },
    ]);
  }
};
