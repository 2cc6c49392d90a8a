import { changesOf, checkInOf } from '@drubo/contracts';
import type { ContentItemDto, SessionRecordDto } from '@drubo/contracts';
import { onFloor } from '@drubo/core/session';
import type { CheckIn, OnFloor } from '@drubo/core/session';
import type { SessionRow, SheetItemRow, SheetRow } from '../db/models';
import type { Scope } from '../db/scope';
import { sessionRecordsOf } from './session-records';

/** A session as it ran: its exercises, those that came in among them, with the changes of the day on them. */
export interface FloorOf {
  floor: OnFloor<ContentItemDto>;
  /** The row of every exercise, as it was planned. */
  rows: ReadonlyMap<string, SheetItemRow>;
  records: SessionRecordDto[];
  checkIn: CheckIn | null;
}

const asItem = ({ leverValues: values, ...row }: SheetItemRow): ContentItemDto => ({
  id: row.id,
  blockId: row.blockId,
  slot: row.slot,
  variationId: row.variationId,
  values,
  method: row.method,
  methodChosen: row.methodChosen,
  feelers: row.feelers,
  dose: row.dose,
  chosenWhy: row.chosenWhy,
});

export const floorOf = async (scope: Scope, session: SessionRow, sheet: SheetRow): Promise<FloorOf> => {
  const records = await sessionRecordsOf(scope, session.id);
  const rows = await scope.all('sheetItems', { sheetId: sheet.id }, { order: [['position', 'ASC']] });
  const items = rows.filter(({ removed }) => !removed).map(asItem);
  return {
    floor: onFloor({ blocks: sheet.blocks, items }, changesOf(records)),
    rows: new Map(rows.map((row) => [row.id, row])),
    records,
    checkIn: checkInOf(records),
  };
};
