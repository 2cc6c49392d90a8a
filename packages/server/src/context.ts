import type { TrainerId } from '@drubo/core/vocabulary';
import type { Catalogue } from '@drubo/core/catalogue';
import type { Logger } from 'pino';
import type { TrainerDto } from '@drubo/contracts';
import type { KnownSignIns } from './auth/known-sign-ins';
import type { Database } from './db/database';
import type { Keeper } from './keeping/keeper';

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

/** Who is calling. */
export interface Caller {
  studioId: string;
  trainerId: TrainerId;
  timeZone: string;
  role: TrainerDto['role'];
  /** Which of the trainer's sign-ins it is. */
  signInId: string;
}
