import { z } from 'zod';
import { cmToInches, inchesToCm } from '@drubo/core';
import { formatNumber } from '@drubo/words/explain';
import type { MassUnit } from '@drubo/core/vocabulary';
import { uiWords } from '@drubo/words/screens/ui';

const words = uiWords.measure;

/** The unit of lengths that goes with a unit of mass. */
export const lengthUnit = (unit: MassUnit): 'cm' | 'in' => (unit === 'kg' ? 'cm' : 'in');

export const lengthFromCm = (cm: number, unit: MassUnit): number => (unit === 'kg' ? cm : cmToInches(cm));
export const lengthToCm = (value: number, unit: MassUnit): number => (unit === 'kg' ? value : inchesToCm(value));

/** A number typed by a person; a comma is a decimal point. Empty: not asked. */
export const readNumber = (text: string): number | null | undefined => {
  const trimmed = text.trim().replace(',', '.');
  if (trimmed === '') return null;
  return /^\d+(\.\d+)?$/.test(trimmed) ? Number(trimmed) : undefined;
};

/** A measure in the trainer's unit, kept in ours; the bounds are told in the trainer's. */
export const measure = (
  bounds: { min: number; max: number },
  toOurs: (value: number) => number,
  toTheirs: (value: number) => number,
  unit: string,
) =>
  z.string().transform((text, context) => {
    const typed = readNumber(text);
    if (typed === null) return null;
    const [low, high] = [formatNumber(toTheirs(bounds.min), 0), formatNumber(toTheirs(bounds.max), 0)];
    const ours = typed === undefined ? NaN : toOurs(typed);
    if (Number.isFinite(ours) && ours >= bounds.min && ours <= bounds.max) return ours;
    context.addIssue({
      code: 'custom',
      message: typed === undefined ? words.mustBeANumber(unit) : words.mustBeBetweenAnd(low, high, unit),
    });
    return z.NEVER;
  });
