import type { Load } from '@drubo/core';
import type { Variation } from '@drubo/core/catalogue';
import type { PieceType } from '@drubo/core/vocabulary';

/** What kind of weight a load is made of, or null when nothing is held. */
export const heldIn = (load: Pick<Load, 'implements'>): PieceType | null => load.implements[0]?.type ?? null;

/** The piece a variation is usually drawn with. */
export const usualPiece = ({ figure }: Variation): PieceType | null =>
  figure.implement === 'none' ? null : figure.implement === 'bell' ? 'kettlebell' : 'dumbbell';
