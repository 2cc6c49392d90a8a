import { LOCALE } from './locale';

const numbers = new Map<number, Intl.NumberFormat>();
const numberFormat = (digits: number): Intl.NumberFormat => {
  const known = numbers.get(digits);
  if (known) return known;
  // Ungrouped: the same text stands in fields that are read back.
  const made = new Intl.NumberFormat(LOCALE, { maximumFractionDigits: digits, useGrouping: false, signDisplay: 'negative' });
  numbers.set(digits, made);
  return made;
};

/** A number with at most `digits` decimals and no trailing zeros. */
export const formatNumber = (value: number, digits = 1): string => numberFormat(digits).format(value);

const DAY = new Intl.DateTimeFormat(LOCALE, { day: 'numeric', month: 'short', year: 'numeric', timeZone: 'UTC' });

/**
 * A calendar day as it is read in a sentence.
 * @example formatDate('2026-03-05') // '5 Mar 2026'
 */
export const formatDate = (isoDay: string): string => DAY.format(new Date(`${isoDay}T00:00:00Z`));

const PLURALS = new Intl.PluralRules(LOCALE);

/** Whether a number is spoken of as one, few, many … in the language's own grammar. */
export const pluralOf = (count: number): Intl.LDMLPluralRule => PLURALS.select(count);
