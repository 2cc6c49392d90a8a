import type { PersonId, SessionId, SheetId } from '@drubo/core/vocabulary';
/** The line all of a sheet's and its session's writes wait in, so they are sent in the order they were made. */
export const sheetAggregate = (sheetId: SheetId): string => `sheet:${sheetId}`;
export const personAggregate = (personId: PersonId): string => `person:${personId}`;

/** Ids of sheet and try, read back from a session's id. */
export const sheetOfSession = (sessionId: SessionId): { sheetId: SheetId; attempt: number } => {
  const cut = sessionId.lastIndexOf('-');
  return { sheetId: sessionId.slice(0, cut), attempt: Number(sessionId.slice(cut + 1)) };
};
