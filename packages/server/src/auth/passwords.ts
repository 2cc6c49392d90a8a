import { hash, verify } from '@node-rs/argon2';
import pLimit from 'p-limit';
import { AppError } from '../shared/errors';

/** OWASP's minimum for argon2id (from memory): 19 MiB, two passes, one lane. */
const COST = { memoryCost: 19_456, timeCost: 2, parallelism: 1 } as const;

/**
 * Hashes worked at once, and how many more may wait. Each takes a core and one of the few threads that the database works
 * on too: whoever knocks at the door must not hold up the floor. House defaults.
 */
const AT_ONCE = 2;
const MOST_WAITING = 20;

const line = pLimit(AT_ONCE);

const inTurn = <Result>(work: () => Promise<Result>): Promise<Result> => {
  // Together: what was just handed in counts as waiting even where there is room at once.
  if (line.activeCount + line.pendingCount >= AT_ONCE + MOST_WAITING) {
    throw new AppError('not-now', 'Too many are signing in at this moment. Try again in a minute.');
  }
  return line(work);
};

export const hashPassword = async (password: string): Promise<string> => inTurn(() => hash(password, COST));

/** A hash nobody's password makes, so that an unknown name takes as long to refuse as a wrong password. */
let decoy: Promise<string> | undefined;

/** Whether the password is right. Takes the same time whether or not the name exists. */
export const isRightPassword = async (stored: string | null, given: string): Promise<boolean> => {
  decoy ??= hash('nobody signs in with this', COST);
  const against = stored ?? (await decoy);
  const matches = await inTurn(() => verify(against, given));
  return stored !== null && matches;
};
