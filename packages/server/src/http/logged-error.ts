import { codeOf } from '../shared/code-of';

/**
 * What is logged of an error nobody expected: its kind, code and where it arose. Not its message: the database's own name the
 * values of a row, and a row may be somebody's health.
 */
export const withoutData = (error: unknown): object => {
  if (!(error instanceof Error)) return { kind: typeof error };
  const frames = (error.stack ?? '').split('\n').filter((line) => /^\s+at /.test(line));
  return { kind: error.name, code: codeOf(error), at: frames.slice(0, 12).map((line) => line.trim()) };
};
