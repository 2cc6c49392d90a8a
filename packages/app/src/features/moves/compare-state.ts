import { zodResolver } from '@hookform/resolvers/zod';
import { z } from 'zod';
import { PERSON_BOUNDS } from '@drubo/contracts';
import { fromKg, postureBody, SEGMENTS, toKg } from '@drubo/core';
import type { BandPoint, PostureBody, Segments } from '@drubo/core';
import { formatNumber } from '@drubo/words/explain';
import type { MassUnit } from '@drubo/core/vocabulary';
import { lengthFromCm, lengthToCm, lengthUnit, measure } from '../../ui/measure';
import { movesWords } from '@drubo/words/screens/moves';

const words = movesWords.compareState;

/** Depths a comparison is worked out at; level falls on one of them. */
export const STEPS = 41;
/** Bounds of what may be typed here. House defaults. */
const LOAD_KG = { min: 0, max: 400 } as const;
const BAND_CM = { min: 20, max: 300 } as const;
const BAND_KG = { min: 0, max: 120 } as const;

/** The form as typed, in the trainer's units. Band fields may stay empty: no band. */
export interface CompareForm {
  height: string;
  mass: string;
  load: string;
  bandShort: string;
  bandShortPull: string;
  bandLong: string;
  bandLongPull: string;
}

/** What the comparison is asked for. */
export interface CompareInput {
  heightCm: number;
  massKg: number;
  loadKg: number;
  band: readonly BandPoint[];
}

const required = <Schema extends z.ZodType<number | null, string>>(schema: Schema) =>
  schema.transform((value, context): number => {
    if (value !== null) return value;
    context.addIssue({ code: 'custom', message: words.isNeededForThe });
    return z.NEVER;
  });

/** Checks the form by the same bounds a person has, and turns it into our units. */
export const compareSchema = (unit: MassUnit) => {
  const kg = (bounds: { min: number; max: number }) =>
    measure(
      bounds,
      (value) => toKg(value, unit),
      (value) => fromKg(value, unit),
      unit,
    );
  const cm = (bounds: { min: number; max: number }) =>
    measure(
      bounds,
      (value) => lengthToCm(value, unit),
      (value) => lengthFromCm(value, unit),
      lengthUnit(unit),
    );
  return z
    .object({
      height: required(cm(PERSON_BOUNDS.heightCm)),
      mass: required(kg(PERSON_BOUNDS.massKg)),
      load: required(kg(LOAD_KG)),
      bandShort: cm(BAND_CM),
      bandShortPull: kg(BAND_KG),
      bandLong: cm(BAND_CM),
      bandLongPull: kg(BAND_KG),
    })
    .superRefine(({ bandShort, bandShortPull, bandLong, bandLongPull }, context) => {
      const given = [bandShort, bandShortPull, bandLong, bandLongPull].filter((value) => value !== null).length;
      const issue = (path: keyof CompareForm, message: string) => context.addIssue({ code: 'custom', path: [path], message });
      if (given > 0 && given < 4) issue('bandLongPull', words.isMissingABand);
      if (given === 4 && bandShort !== null && bandLong !== null && bandShort >= bandLong) {
        issue('bandLong', words.mustBeLongerThan);
      }
    })
    .transform(({ height, mass, load, bandShort, bandShortPull, bandLong, bandLongPull }): CompareInput => ({
      heightCm: height,
      massKg: mass,
      loadKg: load,
      band:
        bandShort === null || bandShortPull === null || bandLong === null || bandLongPull === null
          ? []
          : [
              { lengthCm: bandShort, pullKg: bandShortPull },
              { lengthCm: bandLong, pullKg: bandLongPull },
            ],
    }));
};

export const compareResolver = (unit: MassUnit) => zodResolver(compareSchema(unit));

/** The form a comparison opens with: a middling body, a moderate load, no band. */
export const firstForm = (unit: MassUnit): CompareForm => ({
  height: formatNumber(lengthFromCm(172, unit), 0),
  mass: formatNumber(fromKg(70, unit), 0),
  load: formatNumber(fromKg(20, unit), 0),
  bandShort: '',
  bandShortPull: '',
  bandLong: '',
  bandLongPull: '',
});

/** Build and ankle, moved by buttons: always possible values. */
export interface Build {
  /** Thigh against the table's, percent. */
  femurPercent: number;
  ankleDeg: number;
}

export const FEMUR_RANGE = { least: -10, most: 10, step: 5 } as const;
export const ANKLE_RANGE = { least: 15, most: 45, step: 5 } as const;

/** The model's body for what was typed and set. */
export const bodyOf = ({ heightCm, massKg }: CompareInput, { femurPercent, ankleDeg }: Build): PostureBody =>
  postureBody({
    heightCm,
    massKg,
    ankleDeg,
    measured: { thighCm: SEGMENTS.thigh * heightCm * (1 + femurPercent / 100) },
  });

/** The same build for the drawing. */
export const segmentsOf = ({ femurPercent }: Build): Segments => ({
  ...SEGMENTS,
  thigh: SEGMENTS.thigh * (1 + femurPercent / 100),
});
