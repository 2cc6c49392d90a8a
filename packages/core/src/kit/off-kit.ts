import type { Load } from './types';

/** The piece a load is made of when somebody types one this kit does not make. */
export const OFF_KIT = 'off-kit';

/** Whether a load was typed in and stands on no rack here: it counts, and is marked. */
export const isOffKit = ({ implements: pieces }: Pick<Load, 'implements'>): boolean =>
  pieces.some(({ pieceId }) => pieceId === OFF_KIT);
