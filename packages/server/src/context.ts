import type { TrainerId } from '@drubo/core/vocabulary';
import type { Catalogue } from '@drubo/core/catalogue';
import type { Logger } from 'pino';
import type { Database } from './db/database';

/** Sign-ins this process has looked up, by the hash of their token; the database stays the truth. */
export type KnownSignIns = Map<string, { caller: Caller; expiresAt: string }>;

/** Everything the use cases need from outside, wired once in `start.ts`. */
export interface Context {
  db: Database;
  clock: { now(): Date };
  catalogue: Catalogue;
  log: Logger;
  demo: boolean;
  newId(): string;
  secureCookies: boolean;
  knownSignIns: KnownSignIns;
}

/** Who is calling. */
export interface Caller {
  studioId: string;
  trainerId: TrainerId;
  timeZone: string;
}
