import type { Dose } from './types';

/** Whether two doses prescribe the same, whatever order their fields were stored in. */
export const isSameDose = (a: Dose, b: Dose): boolean => keyOf(a) === keyOf(b);

const keyOf = ({ sets, repsLow, repsHigh, repsBeyond, repsAim, load, tempo, restSeconds, reserve }: Dose): string =>
  JSON.stringify([
    [sets, repsLow, repsHigh, repsBeyond, repsAim ?? null, restSeconds, reserve],
    [tempo.lowering, tempo.bottom, tempo.lifting, tempo.top],
    [load.position, load.externalKg, load.implements.map(({ pieceId, count, value, unit }) => [pieceId, count, value, unit])],
  ]);
