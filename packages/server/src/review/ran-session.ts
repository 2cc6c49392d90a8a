import { changesOf, checkInOf } from '@drubo/contracts';
import type { KitDto, SessionRecordDto } from '@drubo/contracts';
import { dayNumber } from '@drubo/core';
import type { JudgedWith, RanSession } from '@drubo/core/loop';
import type { PersonRow, SessionRow } from '../db/models';
import type { Scope } from '../db/scope';
import type { PersonFile } from '../person/person-file';
import { findSheet } from '../shared/find';
import { judgeContext } from '../person/judge-context';
import { personPicture } from '../person/person-picture';
import { sessionRecordsOf } from '../db/queries/session-records';
import { setsOf } from '../db/queries/sets';
import { toSheetItem } from '../sheet/sheet-plan';

/** A session as it was trained, with what it is judged with. */
export interface Ran {
  ran: RanSession;
  judgedWith: JudgedWith;
  person: PersonRow;
  kit: KitDto;
  records: SessionRecordDto[];
}

/** Reads a session with its sheet, the changes of the day and its sets, and what was known that day. */
export const ranSession = async (scope: Scope, file: PersonFile, session: SessionRow): Promise<Ran> => {
  const sheet = await findSheet(scope, session.sheetId);
  const records = await sessionRecordsOf(scope, session.id);
  const rows = await scope.all('sheetItems', { sheetId: sheet.id }, { order: [['position', 'ASC']] });
  const { person } = file;
  const picture = await personPicture(file, session.date, sheet.kitId);
  const history = await file.historyBefore(session.startedAt);
  return {
    ran: {
      sessionId: session.id,
      date: session.date,
      day: dayNumber(session.date),
      sheet: {
        blocks: sheet.blocks,
        items: rows.filter(({ removed }) => !removed).map(toSheetItem),
        dayRole: sheet.dayRole,
      },
      brought: rows.filter(({ removed }) => removed).map(toSheetItem),
      changes: changesOf(records),
      checkIn: checkInOf(records),
      sets: await setsOf(scope, session.id),
    },
    judgedWith: {
      context: await judgeContext(file, picture, { history, day: dayNumber(session.date) }),
      bodyMassKg: person.massKg,
      pastOf: (variationId) => history.of(variationId),
    },
    person,
    kit: picture.kit,
    records,
  };
};
