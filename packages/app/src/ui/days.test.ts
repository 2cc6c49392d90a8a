import { formatDay, formatTime } from '@drubo/words/dates';
import { dateOfDay, dayIn, minutesBetween } from './days';

describe('days and times as they are read', () => {
  it('a moment lies on the day its studio’s clocks show, both sides of a change of clocks', () => {
    // Source: Oslo keeps UTC+1 in winter and UTC+2 from 29 March 2026, 01:00 UTC (IANA time zone database).
    expect(dayIn('Europe/Oslo', new Date('2026-01-01T23:30:00Z'))).toBe('2026-01-02');
    expect(dayIn('Europe/Oslo', new Date('2026-03-28T22:59:00Z'))).toBe('2026-03-28');
    expect(dayIn('Europe/Oslo', new Date('2026-03-29T22:00:00Z'))).toBe('2026-03-30');
    expect(dayIn('America/New_York', new Date('2026-01-01T23:30:00Z'))).toBe('2026-01-01');
    expect(formatTime('2026-03-29T00:59:00Z', 'Europe/Oslo')).toBe('01:59');
    expect(formatTime('2026-03-29T01:00:00Z', 'Europe/Oslo')).toBe('03:00');
  });

  it('days are written with their weekday, minutes never below none', () => {
    expect(formatDay('2026-11-24')).toBe('Tue 24 Nov');
    expect(dateOfDay(0)).toBe('1970-01-01');
    expect(dateOfDay(20_781)).toBe('2026-11-24');
    expect(minutesBetween('2026-11-24T09:00:00Z', '2026-11-24T09:44:31Z')).toBe(45);
    expect(minutesBetween('2026-11-24T09:00:00Z', '2026-11-24T08:00:00Z')).toBe(0);
  });
});
