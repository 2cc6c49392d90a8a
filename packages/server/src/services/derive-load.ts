import { toKg } from '@drubo/core';
import type { ImplementUse } from '@drubo/core';

/** External mass of what was held, both hands together, from the pieces as they are labelled. */
export const externalKgOf = (pieces: readonly ImplementUse[]): number =>
  pieces.reduce((sum, piece) => sum + piece.count * toKg(piece.value, piece.unit), 0);
