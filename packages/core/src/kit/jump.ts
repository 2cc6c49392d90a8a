/** A rise in load, in percent of what was moved before. */
export interface Jump {
  percent: number;
  on: 'total' | 'external';
}

/**
 * Size of a rise from one external load to another, to a tenth of a percent: on the total moved mass where the legs
 * are the limit and body mass is known, else on the external load. From nothing there is no percentage: 0.
 */
export const jumpBetween = (
  fromKg: number,
  toKg: number,
  judged: { on: 'total' | 'external'; bodyMassShare: number; bodyMassKg: number | null },
): Jump => {
  const onTotal = judged.on === 'total' && judged.bodyMassKg !== null;
  const base = fromKg + (onTotal ? judged.bodyMassShare * (judged.bodyMassKg ?? 0) : 0);
  const percent = base === 0 ? 0 : ((toKg - fromKg) / base) * 100;
  return { percent: Math.round(percent * 10) / 10, on: onTotal ? 'total' : 'external' };
};
