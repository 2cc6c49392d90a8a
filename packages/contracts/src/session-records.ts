import type { FloorChange, CheckIn } from '@drubo/core/session';
import type { SessionRecordDto, SessionRecordFields, SessionRecordKind } from './dto/session-record';
import type { ContentItemDto } from './dto/sheet';

type Of<Kind extends SessionRecordKind> = Extract<SessionRecordFields, { kind: Kind }>;

/** The newest revision of each record that was not undone, in the order they were made. */
export const currentSessionRecords = (records: readonly SessionRecordDto[]): SessionRecordDto[] => {
  const newest = new Map<string, SessionRecordDto>();
  for (const record of records) {
    const held = newest.get(record.id);
    if (!held || record.revision >= held.revision) newest.set(record.id, record);
  }
  return [...newest.values()]
    .filter(({ removed }) => !removed)
    .sort((a, b) => a.madeAt.localeCompare(b.madeAt) || a.deviceSeq - b.deviceSeq || a.id.localeCompare(b.id));
};

/** The fields of one kind, in the order they were made. */
export const fieldsOfKind = <Kind extends SessionRecordKind>(records: readonly SessionRecordDto[], kind: Kind): Of<Kind>[] =>
  records.flatMap(({ fields }) => (fields.kind === kind ? [fields as Of<Kind>] : []));

const CHANGES: ReadonlySet<SessionRecordKind> = new Set(['add', 'swap', 'sets', 'leave', 'pair', 'dose']);

/** The changes of the day, ready to be put on the sheet. */
export const changesOf = (records: readonly SessionRecordDto[]): FloorChange<ContentItemDto>[] =>
  records.flatMap(({ fields }) => (CHANGES.has(fields.kind) ? [fields as FloorChange<ContentItemDto>] : []));

/** The last check-in; null: nobody asked. */
export const checkInOf = (records: readonly SessionRecordDto[]): CheckIn | null =>
  fieldsOfKind(records, 'check-in').at(-1)?.answers ?? null;
