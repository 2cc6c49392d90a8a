import { EMPTY_INTAKE } from '@drubo/contracts';
import type { PersonDetailDto, RecordFields } from '@drubo/contracts';
import { aPersonDetail, aPersonRecord, aStoredCommand } from '../../../../tests/builders';
import { withWrites } from '.';

const note = (text: string): RecordFields => ({ kind: 'note', on: '2026-11-25', text, pinned: false, watch: false });
const record = (id: string, text: string, revision = 1) => aPersonRecord(id, note(text), { revision });
const params = { personId: aPersonDetail().person.id, recordId: 'record-1' };
const shown = (detail: PersonDetailDto, commands: Parameters<typeof withWrites>[2]) => withWrites('getPerson', detail, commands);
const textsOf = (...args: Parameters<typeof shown>) =>
  shown(...args).records.map(({ fields }) => (fields.kind === 'note' ? fields.text : ''));

describe('a person’s page with what this device saved', () => {
  const saved = aStoredCommand({ endpointId: 'saveRecord', params, body: { fields: note('new') }, state: 'waiting' });

  it('shows a record that waits, and the newest revision of one', () => {
    expect(textsOf(aPersonDetail(), [saved])).toEqual(['new']);
    expect(textsOf(aPersonDetail({ records: [record('record-1', 'old')] }), [saved])).toEqual(['new']);
  });

  it('shows one that was answered, but never over a newer one or one taken away since', () => {
    const done = aStoredCommand({
      ...saved,
      state: 'done',
      reply: record('record-1', 'answered', 2),
    });
    expect(textsOf(aPersonDetail({ records: [record('record-1', 'old')] }), [done])).toEqual(['answered']);
    expect(textsOf(aPersonDetail({ records: [record('record-1', 'newer', 3)] }), [done])).toEqual(['newer']);
    const takenAway = aPersonDetail({ gone: [{ id: 'record-1', revision: 3 }] });
    expect(textsOf(takenAway, [done])).toEqual([]);
  });

  it('takes away what was taken away, and brings it back', () => {
    const remove = (removed: boolean) =>
      aStoredCommand({ endpointId: 'setRecordRemoved', params, body: { removed }, state: 'waiting' });
    const detail = aPersonDetail({ records: [record('record-1', 'there')] });
    expect(textsOf(detail, [remove(true)])).toEqual([]);
  });

  it('lays answers over the intake one by one; a refused one and another person’s change nothing', () => {
    const answer = (over: object) =>
      aStoredCommand({
        endpointId: 'saveIntake',
        params: { personId: params.personId },
        state: 'waiting',
        body: { fields: over },
      });
    const detail = shown(aPersonDetail(), [answer({ daysPerWeek: 2 }), answer({ medicine: 'inhaler' })]);
    expect(detail.intake).toMatchObject({ daysPerWeek: 2, medicine: 'inhaler', secondGoal: null });
    const refused = { ...answer({ daysPerWeek: 3 }), state: 'needs-you' as const };
    const others = aStoredCommand({ ...answer({ daysPerWeek: 4 }), params: { personId: 'somebody-else' } });
    expect(shown(aPersonDetail(), [refused, others]).intake.daysPerWeek).toBeNull();
  });

  it('an answered intake stands until a newer one was read', () => {
    const savedAt = '2026-11-25T08:00:00.000Z';
    const done = aStoredCommand({
      endpointId: 'saveIntake',
      params: { personId: params.personId },
      state: 'done',
      reply: { ...EMPTY_INTAKE, medicine: 'inhaler', savedAt },
    });
    expect(shown(aPersonDetail(), [done]).intake.medicine).toBe('inhaler');
    const later = aPersonDetail({ intakeSavedAt: '2026-11-25T08:00:01.000Z' });
    expect(shown(later, [done]).intake.medicine).toBe('');
  });
});

describe('bookings with this device’s unsent writes', () => {
  const booked = { id: 'booking-01', personId: 'person-0001', date: '2026-11-26', time: '09:00', cancelled: false };
  const command = (
    endpointId: 'saveBooking' | 'setBookingCancelled',
    bookingId: string,
    body: object,
    state: 'waiting' | 'needs-you' = 'waiting',
  ) => aStoredCommand({ endpointId, params: { bookingId }, body: body as never, state });
  const datesOf = (...commands: ReturnType<typeof command>[]) =>
    shown(aPersonDetail({ bookings: [booked] }), commands)
      .bookings.filter(({ cancelled }) => !cancelled)
      .map(({ date }) => date);

  it('has a new one, marks a cancelled one, and brings it back', () => {
    const made = command('saveBooking', 'booking-02', { personId: 'person-0001', date: '2026-11-25', time: '09:00' });
    expect(datesOf(made)).toEqual(['2026-11-26', '2026-11-25']);
    const cancel = command('setBookingCancelled', 'booking-01', { cancelled: true });
    expect(datesOf(cancel)).toEqual([]);
    expect(datesOf(cancel, command('setBookingCancelled', 'booking-01', { cancelled: false }))).toEqual(['2026-11-26']);
  });

  it('leaves out somebody else’s and what the server refused', () => {
    const theirs = command('saveBooking', 'booking-03', { personId: 'person-0002', date: '2026-11-25', time: '09:00' });
    const mine = { personId: 'person-0001', date: '2026-11-25', time: '09:00' };
    expect(datesOf(theirs, command('saveBooking', 'booking-04', mine, 'needs-you'))).toEqual(['2026-11-26']);
  });

  it('an answered one says nothing any more: what was read since is newer', () => {
    const made = command('saveBooking', 'booking-02', { personId: 'person-0001', date: '2026-11-25', time: '09:00' });
    const answered = { ...made, state: 'done', reply: { ...booked, id: 'booking-02', date: '2026-11-25' } } as typeof made;
    expect(datesOf(answered)).toEqual(['2026-11-26']);
    const cancel = command('setBookingCancelled', 'booking-01', { cancelled: true });
    expect(datesOf({ ...cancel, state: 'done', reply: { ...booked, cancelled: true } } as typeof cancel)).toEqual(['2026-11-26']);
  });
});

it('what is about somebody or something else leaves the page as it is', () => {
  const detail = aPersonDetail();
  const elsewhere = [
    aStoredCommand({ endpointId: 'saveSheet', params: { sheetId: 'sheet-0009' }, body: {} }),
    aStoredCommand({ endpointId: 'bringBack', params: { sheetId: 'sheet-0009', slot: 'squat' }, body: {} }),
    aStoredCommand({ endpointId: 'saveIntake', params: { personId: 'person-0002' }, body: { fields: { daysPerWeek: 4 } } }),
    aStoredCommand({ endpointId: 'saveRecord', params: { personId: 'person-0002', recordId: 'r' }, body: { fields: note('x') } }),
  ];
  expect(shown(detail, elsewhere)).toBe(detail);
});
