import { AppError } from '../shared/errors';

/** Passwords everybody tries first, most common first; some fifty thousand. */
let common: ReadonlySet<string> | undefined;

const commonPasswords = async (): Promise<ReadonlySet<string>> => {
  if (!common) {
    const { dictionary } = await import('@zxcvbn-ts/language-common');
    common = new Set(dictionary.passwords);
  }
  return common;
};

/** What is left when the digits and signs put at its end are taken off: “password2026!” is “password”. */
const withoutTail = (password: string): string => password.replace(/[^\p{L}]+$/u, '');
const lettersOf = (text: string): string =>
  text
    .normalize('NFC')
    .toLowerCase()
    .replace(/[^\p{L}]/gu, '');

/**
 * Refuses a new password that is guessed first: one of the common ones, with or without digits behind it, or the own name.
 * `path`: the field it came in. Throws `weak-password`.
 */
export const refuseWeak = async (
  password: string,
  names: readonly (string | undefined)[],
  path: 'body.password' | 'body.next',
): Promise<void> => {
  const refuse = (message: string) => new AppError('weak-password', 'This password is guessed too easily.', [{ path, message }]);
  const lower = password.toLowerCase();
  const known = await commonPasswords();
  if (known.has(lower) || known.has(withoutTail(lower))) throw refuse('is one of those that are tried first: choose another');
  const letters = lettersOf(password);
  const own = names.map((name) => lettersOf(name ?? '')).filter((name) => name.length > 0);
  if (own.some((name) => letters.replaceAll(name, '') === '')) throw refuse('is your own name: choose another');
};
