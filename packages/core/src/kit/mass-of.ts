import { toKg } from '../units';
import type { ImplementUse } from './types';

/** External mass in kg of what was held, both hands together, from the pieces as they are labelled. */
export const externalKgOf = (pieces: readonly Pick<ImplementUse, 'value' | 'unit' | 'count'>[]): number =>
  pieces.reduce((sum, piece) => sum + piece.count * toKg(piece.value, piece.unit), 0);

/** Masses closer than a gram are one load. */
export const isSameMass = (aKg: number, bKg: number): boolean => Math.abs(aKg - bKg) < 0.001;
