import type { byLanguage as ByLanguage } from './language';
import { madeUp } from './made-up';
import { formatDate, formatDay, formatNumber, formatShortDay, pluralOf } from './formats';

/** A device's store that keeps a language. */
const speaking = (kept: string | null): typeof ByLanguage => {
  const given = globalThis as { document?: unknown; localStorage?: unknown };
  given.document = {};
  given.localStorage = { getItem: (key: string) => (key === 'drubo-language' ? kept : null) };
  let byLanguage: typeof ByLanguage | undefined;
  jest.isolateModules(() => {
    ({ byLanguage } = jest.requireActual<{ byLanguage: typeof ByLanguage }>('./language'));
  });
  delete given.document;
  delete given.localStorage;
  return byLanguage!;
};

const en = { greeting: 'Load', lines: ['one', '2'], of: (count: number, what: string) => `${count} of ${what}`, top: 12 };

describe('the language in use', () => {
  it('is English where a device keeps none, or one nobody speaks', () => {
    expect(speaking(null)({ en })).toBe(en);
    expect(speaking('volapuk')({ en })).toBe(en);
  });

  it('is what the device keeps', () => {
    expect(speaking('made-up')({ en }).greeting).toBe('Łóóááđ');
  });
});

describe('the made-up tongue', () => {
  const words = madeUp(en);

  it('has no plain letter left, is longer, and keeps numbers, keys and signs', () => {
    const said = [words.greeting, ...words.lines, words.of(3, 'sets')].join(' ');
    expect(said).not.toMatch(/[a-z]/i);
    expect(said).toMatch(/3 .*2|2 .*3/);
    expect(words.top).toBe(12);
    expect(Object.keys(words)).toEqual(Object.keys(en));
    // Source: common practice of localisers, no source: other tongues take about a third more room.
    const text = 'Stop at a pinch in front of the hip, and say where it was felt.';
    expect(madeUp({ text }).text.length / text.length).toBeGreaterThan(1.25);
  });

  it('says nothing twice: what a sentence took in was made up already', () => {
    expect(words.of(1, words.greeting)).toBe(madeUp({ text: '1 of Load' }).text);
  });
});

describe('formats', () => {
  it('numbers have no trailing zeros, no groups and no minus before nothing', () => {
    expect([2.5, 2, 1234.56, -0.01, 0.05].map((value) => formatNumber(value))).toEqual(['2.5', '2', '1234.6', '0', '0.1']);
    expect(formatNumber(1.125, 2)).toBe('1.13');
  });

  it('days are read the same in every zone', () => {
    expect([formatDate('2026-03-05'), formatDay('2026-11-24'), formatShortDay(0)]).toEqual(['5 Mar 2026', 'Tue 24 Nov', '1 Jan']);
  });

  // Source: Unicode CLDR plural rules, English: one is 1 without decimals, all else other.
  it('what is one is one', () => {
    expect([0, 1, 1.5, 2].map(pluralOf)).toEqual(['other', 'one', 'other', 'other']);
  });
});
