import type { SessionId } from '@drubo/core/vocabulary';
import { sessionIdFor } from '@drubo/contracts';
import type { SessionDetailDto, SheetDto } from '@drubo/contracts';
import { fixedHere } from './fixed-at-start';
import { sheetOfSession } from './lines';
import { isWrite } from './types';
import type { StoredCommand, StoredOf } from './types';

const startedHere = (sessionId: SessionId, sheet: SheetDto, { body }: StoredOf<'startSession'>): SessionDetailDto | undefined => {
  if (sessionIdFor(sheet.id, sheetOfSession(sessionId).attempt) !== sessionId) return undefined;
  const { startedAt, entry = 'live', unplannedFor, taken = [] } = body;
  return {
    session: {
      id: sessionId,
      sheetId: sheet.id,
      personId: sheet.personId,
      state: 'live',
      date: startedAt.slice(0, 10),
      startedAt,
      finishedAt: null,
      effort: null,
      note: '',
      entry,
      minutes: null,
    },
    sheet: { ...fixedHere(sheet, taken), state: unplannedFor === undefined ? 'started' : 'loose' },
    sets: [],
    records: [],
    floorItems: [],
  };
};

/**
 * A session that was started here and not read since: as the server answered, or made from its sheet while it hasn't.
 * Undefined where it was not started here, or its sheet is not known.
 */
export const begun = (
  sessionId: SessionId,
  sheet: SheetDto | undefined,
  writes: readonly StoredCommand[],
): SessionDetailDto | undefined => {
  const start = writes
    .filter(isWrite('startSession'))
    .find(({ params, state }) => params.sessionId === sessionId && state !== 'needs-you');
  if (!start) return undefined;
  return start.reply ?? (sheet && startedHere(sessionId, sheet, start));
};
