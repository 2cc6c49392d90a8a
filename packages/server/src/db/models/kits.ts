import type { KitGear, KitMachine, KitPiece } from '@drubo/core';
import { defineTable } from './define-table';

export interface KitRow {
  studioId: string;
  id: string;
  name: string;
  pieces: KitPiece[];
  machines: KitMachine[];
  gear: KitGear[];
}

export const kits = defineTable<KitRow>('kits', ['studioId', 'id'], {
  studioId: 'text',
  id: 'text',
  name: 'text',
  pieces: 'json',
  machines: 'json',
  gear: 'json',
});
