import { hash, verify } from '@node-rs/argon2';

/** OWASP's minimum for argon2id (from memory): 19 MiB, two passes, one lane. */
const COST = { memoryCost: 19_456, timeCost: 2, parallelism: 1 } as const;

export const hashPassword = (password: string): Promise<string> => hash(password, COST);

/** A hash nobody's password makes, so that an unknown name takes as long to refuse as a wrong password. */
let decoy: Promise<string> | undefined;

/** Whether the password is right. Takes the same time whether or not the name exists. */
export const isRightPassword = async (stored: string | null, given: string): Promise<boolean> => {
  decoy ??= hashPassword('nobody signs in with this');
  const matches = await verify(stored ?? (await decoy), given);
  return stored !== null && matches;
};
