import type { Caller } from './caller';

/** A sign-in this process has looked up. */
export interface KnownSignIn {
  caller: Caller;
  expiresAt: string;
  lastUsedAt: string;
  isKept: boolean;
  /** When it was looked up, ISO 8601: for how long that counts. */
  lookedUpAt: string;
}

/** How many are remembered between requests; more than any studio has phones. */
const REMEMBERED = 500;

/**
 * Sign-ins looked up, by the hash of their token; the database stays the truth. A lookup that was under way while something
 * was forgotten is not remembered: it may have read a row that is gone by now.
 */
export const makeKnownSignIns = () => {
  const known = new Map<string, KnownSignIn>();
  let forgotten = 0;
  return {
    get: (id: string): KnownSignIn | undefined => known.get(id),
    /** To be asked before the database is, and handed to `remember`. */
    asOf: (): number => forgotten,
    remember: (id: string, signIn: KnownSignIn, asOf: number): void => {
      if (asOf !== forgotten) return;
      if (known.size >= REMEMBERED) known.clear();
      known.set(id, signIn);
    },
    /** To be called once the rows are gone or changed. */
    forgetAll: (): void => {
      forgotten += 1;
      known.clear();
    },
  };
};

export type KnownSignIns = ReturnType<typeof makeKnownSignIns>;
