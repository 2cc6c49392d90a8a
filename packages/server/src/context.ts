import type { Catalogue } from '@drubo/core/catalogue';
import type { Logger } from 'pino';
import type { KnownSignIns } from './auth/known-sign-ins';
import type { Database } from './db/database';
import type { Keeper } from './keeping/keeper';

export type { Caller } from './auth/caller';

/** Everything the use cases need from outside, wired once in `start.ts`. */
export interface Context {
  db: Database;
  clock: { now(): Date };
  catalogue: Catalogue;
  log: Logger;
  demo: boolean;
  newId(): string;
  knownSignIns: KnownSignIns;
  keeper: Keeper;
}
