import { isSameMass } from '../kit';
import type { Dose } from './types';

/**
 * Feeler sets an exercise still needs: none once the trainer set the load by hand, because then somebody knows the lift.
 */
export const feelersLeft = (item: { feelers: number; dose: Pick<Dose, 'load'>; proposed: Pick<Dose, 'load'> }): number =>
  isSameMass(item.dose.load.externalKg, item.proposed.load.externalKg) ? item.feelers : 0;

/** Whether two doses prescribe the same, whatever order their fields were stored in. */
export const isSameDose = (a: Dose, b: Dose): boolean => keyOf(a) === keyOf(b);

const keyOf = ({ sets, repsLow, repsHigh, repsBeyond, repsAim, seconds, load, tempo, restSeconds, reserve }: Dose): string =>
  JSON.stringify([
    [sets, repsLow, repsHigh, repsBeyond, repsAim ?? null, seconds ?? null, restSeconds, reserve],
    [tempo.lowering, tempo.bottom, tempo.lifting, tempo.top],
    [load.position, load.externalKg, load.implements.map(({ pieceId, count, value, unit }) => [pieceId, count, value, unit])],
  ]);
