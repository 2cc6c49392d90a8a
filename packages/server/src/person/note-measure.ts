import type { FieldsOf } from '@drubo/contracts';
import type { Caller, Context } from '../context';
import type { PersonRow } from '../db/models';
import type { Scope } from '../db/scope';
import { localDateOf } from '../shared/local-date';

const NO_SEGMENTS = { thighCm: null, shankCm: null, trunkCm: null };

/** Keeps a body mass or height typed into a person's details as a measure of that day, so that nothing is lost to history. */
export const noteMeasure = async (
  scope: Scope,
  context: Context,
  caller: Caller,
  now: Pick<PersonRow, 'id' | 'massKg' | 'heightCm'>,
  before: Pick<PersonRow, 'massKg' | 'heightCm'> | null,
): Promise<void> => {
  const massKg = now.massKg === before?.massKg ? null : now.massKg;
  const heightCm = now.heightCm === before?.heightCm ? null : now.heightCm;
  if (massKg === null && heightCm === null) return;
  const savedAt = context.clock.now();
  const on = localDateOf(savedAt, caller.timeZone);
  const fields: FieldsOf<'measure'> = { kind: 'measure', on, massKg, heightCm, ...NO_SEGMENTS };
  await scope.insert('personRecords', {
    id: context.newId(),
    revision: 1,
    personId: now.id,
    kind: 'measure',
    fields,
    removed: false,
    savedAt: savedAt.toISOString(),
    trainerId: caller.trainerId,
  });
};
