/** The line all of a sheet's and its session's writes wait in, so they are sent in the order they were made. */
export const sheetAggregate = (sheetId: string): string => `sheet:${sheetId}`;
export const personAggregate = (personId: string): string => `person:${personId}`;

/** Ids of sheet and try, read back from a session's id. */
export const sheetOfSession = (sessionId: string): { sheetId: string; attempt: number } => {
  const cut = sessionId.lastIndexOf('-');
  return { sheetId: sessionId.slice(0, cut), attempt: Number(sessionId.slice(cut + 1)) };
};
