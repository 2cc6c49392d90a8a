import { externalKgOf } from '@drubo/core';
import type { Dose } from '@drubo/core';
import { formatTempo, isPossibleTempo, nearestTempo } from '@drubo/core/dose';
import { AppError } from '../shared/errors';

/**
 * What no schema sees of a dose: the stated mass of a load must be what its pieces add up to, otherwise the sums on screen
 * would lie, and a rep must take time, otherwise nothing could be paced, timed or counted.
 */
export const checkDose = (dose: Dose, path: string): void => {
  const sum = externalKgOf(dose.load.implements);
  if (Math.abs(sum - dose.load.externalKg) > 0.005) {
    throw new AppError('invalid-input', 'The load does not add up.', [
      { path: `${path}.load.externalKg`, message: `is ${dose.load.externalKg} kg, its pieces make ${sum} kg` },
    ]);
  }
  if (dose.seconds === undefined && !isPossibleTempo(dose.tempo)) {
    throw new AppError('invalid-input', 'Nobody can move at this tempo.', [
      {
        path: `${path}.tempo`,
        message: `is ${formatTempo(dose.tempo)}, without a second of moving; the nearest possible is ${formatTempo(nearestTempo(dose.tempo))}`,
      },
    ]);
  }
};
