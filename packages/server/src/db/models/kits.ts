import type { KitGear, KitMachine, KitPiece } from '@drubo/core';
import type { KitItem, KitPlace, PersonId } from '@drubo/core/vocabulary';
import { defineTable } from './define-table';

export interface KitRow {
  studioId: string;
  id: string;
  name: string;
  pieces: KitPiece[];
  machines: KitMachine[];
  gear: KitGear[];
  version: number;
  /** Whose home it is; null: the studio's, for everybody. */
  personId: PersonId | null;
  place: KitPlace;
  items: KitItem[];
  hasSafeties: boolean;
  hasCollars: boolean;
  hasFullDiscs: boolean;
}

export const kits = defineTable<KitRow>('kits', ['studioId', 'id'], {
  studioId: 'text',
  id: 'text',
  name: 'text',
  pieces: 'json',
  machines: 'json',
  gear: 'json',
  version: 'integer',
  personId: 'text',
  place: 'text',
  items: 'json',
  hasSafeties: 'flag',
  hasCollars: 'flag',
  hasFullDiscs: 'flag',
});
