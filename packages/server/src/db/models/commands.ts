import type { PersonId, TrainerId } from '@drubo/core/vocabulary';
import { defineTable } from './define-table';

/** Every write that was done, with its reply: a repeat is answered with it. */
export interface CommandRow {
  studioId: string;
  id: string;
  trainerId: TrainerId;
  endpointId: string;
  /** SHA-256 of path and body, so one id can't stand for two different writes. */
  fingerprint: string;
  reply: object;
  receivedAt: string;
  /** Whom it was about; null where it was about nobody, or from before this was kept. */
  personId: PersonId | null;
}

export const commands = defineTable<CommandRow>('commands', ['studioId', 'id'], {
  studioId: 'text',
  id: 'text',
  trainerId: 'text',
  endpointId: 'text',
  fingerprint: 'text',
  reply: 'json',
  receivedAt: 'text',
  personId: 'text',
});
