import { KIT_LABELS } from '@drubo/words/explain';
import type { TakenThing } from '@drubo/core/live';
import type { PieceType } from '@drubo/core/vocabulary';
import { liveWords } from '@drubo/words/screens/live';

const words = liveWords.takenWords;

/** Held things as somebody would ask for them. */
const PIECES: Partial<Record<PieceType, string>> = words.pieces;

export const takenLabel = (thing: TakenThing): string =>
  thing.kind === 'item' ? KIT_LABELS[thing.id] : (PIECES[thing.id] ?? thing.id);
