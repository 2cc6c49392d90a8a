import { externalKgOf } from '@drubo/core';
import type { Dose } from '@drubo/core';
import { AppError } from '../errors';

/** The stated mass of a load must be what its pieces add up to; otherwise the sums on screen would lie. */
export const checkLoad = (dose: Dose, path: string): void => {
  const sum = externalKgOf(dose.load.implements);
  if (Math.abs(sum - dose.load.externalKg) > 0.005) {
    throw new AppError('invalid-input', 'The load does not add up.', [
      { path: `${path}.load.externalKg`, message: `is ${dose.load.externalKg} kg, its pieces make ${sum} kg` },
    ]);
  }
};
