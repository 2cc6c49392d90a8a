import type { PersonRecordDto, RecordFields } from '@drubo/contracts';
import { aPersonDetail, aStoredCommand } from '../../../tests/builders';
import { personWithCommands } from './person-overlay';

const note = (text: string): RecordFields => ({ kind: 'note', on: '2026-11-25', text, pinned: false, watch: false });
const record = (id: string, text: string, revision = 1): PersonRecordDto => ({
  id,
  personId: 'person-0001',
  revision,
  removed: false,
  savedAt: '2026-11-25T08:00:00.000Z',
  trainerId: 'trainer-1',
  fields: note(text),
});
const READ_AT = 1_000_000;
const params = { personId: aPersonDetail().person.id, recordId: 'record-1' };
const textsOf = (...args: Parameters<typeof personWithCommands>) =>
  personWithCommands(...args).records.map(({ fields }) => (fields.kind === 'note' ? fields.text : ''));

describe('a person’s page with what this device saved', () => {
  const saved = aStoredCommand({ endpointId: 'saveRecord', params, body: { fields: note('new') }, state: 'waiting' });

  it('shows a record that waits, and the newest revision of one', () => {
    expect(textsOf(aPersonDetail(), [saved], READ_AT)).toEqual(['new']);
    expect(textsOf(aPersonDetail({ records: [record('record-1', 'old')] }), [saved], READ_AT)).toEqual(['new']);
  });

  it('shows one that was answered after the page was read, but never over a newer one', () => {
    const done = aStoredCommand({
      ...saved,
      state: 'done',
      reply: record('record-1', 'answered', 2),
      settledAt: READ_AT + 1,
    });
    expect(textsOf(aPersonDetail({ records: [record('record-1', 'old')] }), [done], READ_AT)).toEqual(['answered']);
    expect(textsOf(aPersonDetail({ records: [record('record-1', 'newer', 3)] }), [done], READ_AT)).toEqual(['newer']);
    const long = { ...done, settledAt: READ_AT - 60_000 };
    expect(textsOf(aPersonDetail({ records: [record('record-1', 'old')] }), [long], READ_AT)).toEqual(['old']);
  });

  it('takes away what was taken away, and brings it back', () => {
    const remove = (removed: boolean) =>
      aStoredCommand({ endpointId: 'setRecordRemoved', params, body: { removed }, state: 'waiting' });
    const detail = aPersonDetail({ records: [record('record-1', 'there')] });
    expect(textsOf(detail, [remove(true)], READ_AT)).toEqual([]);
  });

  it('lays answers over the intake one by one; a refused one and another person’s change nothing', () => {
    const answer = (over: object) =>
      aStoredCommand({
        endpointId: 'saveIntake',
        params: { personId: params.personId },
        state: 'waiting',
        body: { fields: over },
      });
    const detail = personWithCommands(aPersonDetail(), [answer({ daysPerWeek: 2 }), answer({ medicine: 'inhaler' })], READ_AT);
    expect(detail.intake).toMatchObject({ daysPerWeek: 2, medicine: 'inhaler', secondGoal: null });
    const refused = { ...answer({ daysPerWeek: 3 }), state: 'needs-you' as const };
    const others = aStoredCommand({ ...answer({ daysPerWeek: 4 }), params: { personId: 'somebody-else' } });
    expect(personWithCommands(aPersonDetail(), [refused, others], READ_AT).intake.daysPerWeek).toBeNull();
  });
});
