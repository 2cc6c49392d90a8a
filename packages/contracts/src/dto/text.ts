import { z } from 'zod';

/**
 * What no text may hold: control characters but for a new line and a tab, and halves of a character (lone surrogates), which
 * UTF-8 has no bytes for.
 */
const UNSTORABLE = /(?![\n\r\t])[\p{Cc}\p{Cs}]/gu;
const isStorable = (value: string): boolean => value.search(UNSTORABLE) < 0;

/** A text as it can be kept: in Unicode's composed form, and for each sign that can't be, the sign for a missing one. */
export const storableText = (value: string): string => value.normalize('NFC').replace(UNSTORABLE, '\uFFFD');

/** Letters, signs, digits, pictures: anything but blanks and what takes no room (zero-width marks, joiners, tags). */
const VISIBLE = /[^\p{Z}\p{C}\p{Default_Ignorable_Code_Point}]/u;
const isVisible = (value: string): boolean => VISIBLE.test(value);

const storable = z
  .string()
  .normalize('NFC')
  .trim()
  .refine(isStorable, 'must not hold control characters or halves of characters');

/** Trimmed text a person may read, in Unicode's composed form (NFC), so that one name has one spelling. */
export const text = (max: number) => storable.max(max);
export const requiredText = (max: number) =>
  storable
    .min(1, 'must not be empty')
    .max(max)
    .refine((value) => value === '' || isVisible(value), 'must have a letter that can be seen');

/** A name as it is shown: one of a time when a name could be made of nothing visible is told by its code points. */
export const shownName = (name: string): string =>
  isVisible(name)
    ? name
    : Array.from(name, (sign) => `[U+${(sign.codePointAt(0) ?? 0).toString(16).toUpperCase().padStart(4, '0')}]`).join('') ||
      '[U+0000]';
