import type { ItemId, SessionId, TrainerId } from '@drubo/core/vocabulary';
import type { ChoiceDto, DecisionDto } from '@drubo/contracts';
import { defineTable } from './define-table';

export interface DecisionRow {
  studioId: string;
  id: string;
  sessionId: SessionId;
  itemId: ItemId;
  trainerId: TrainerId;
  decidedAt: string;
  /** What Drubo proposed, with reasons, set revisions and engine version. */
  proposal: DecisionDto;
  /** What the trainer settled on. */
  chosen: ChoiceDto;
}

export const decisions = defineTable<DecisionRow>('decisions', ['studioId', 'id'], {
  studioId: 'text',
  id: 'text',
  sessionId: 'text',
  itemId: 'text',
  trainerId: 'text',
  decidedAt: 'text',
  proposal: 'json',
  chosen: 'json',
});
