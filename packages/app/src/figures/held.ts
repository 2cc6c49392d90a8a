import type { Load } from '@drubo/core';
import type { Variation } from '@drubo/core/catalogue';
import type { PieceType } from '@drubo/core/vocabulary';

/** What kind of weight a load is made of, or null when nothing is held. */
export const heldIn = (load: Pick<Load, 'implements'>): PieceType | null => load.implements[0]?.type ?? null;

/** Whether a variation is drawn with its weight when nothing is said: one that can't go without, or begins with some. */
export const isUsuallyLoaded = ({ unloadedAllowed, loadPositions, firstLoadShare }: Variation): boolean =>
  loadPositions[0] !== 'none' && (!unloadedAllowed || firstLoadShare.novice > 0);
