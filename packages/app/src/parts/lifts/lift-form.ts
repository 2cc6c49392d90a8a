import { LIFT_BOUNDS } from '@drubo/contracts';
import type { FieldsOf } from '@drubo/contracts';
import { addDays, daysBetween, toKg } from '@drubo/core';
import type { LiftSource, MassUnit } from '@drubo/core/vocabulary';
import { readNumber } from '../../ui/measure';
import { partsLiftsWords } from '@drubo/words/screens/parts-lifts';

const words = partsLiftsWords.liftForm;

export type KnownLiftFields = FieldsOf<'known-lift'>;

/** How long ago, as people say it; the date is worked out from it and can be put right. */
export const AGO = [
  { value: '3', label: words.theseDays },
  { value: '14', label: words.twoWeeksAgo },
  { value: '30', label: words.aMonth },
  { value: '60', label: words.twoMonths },
  { value: '182', label: words.halfAYear },
  { value: '400', label: words.overAYear },
] as const;

/** What was left, as people say it. */
export const LEFT = [
  { value: 'unknown', label: words.notKnown },
  { value: '0', label: words.none },
  { value: '1', label: '1' },
  { value: '2', label: '2' },
  { value: '3', label: '3' },
  { value: '4', label: words.fourOrMore },
] as const;
export type Left = (typeof LEFT)[number]['value'];

/** A known lift as it is typed. */
export interface LiftForm {
  variationId: string | null;
  load: string;
  reps: string;
  left: Left;
  isAbout: boolean;
  source: LiftSource | null;
  isClean: boolean;
  on: string;
}

export const freshLift = (variationId: string | null, today: string): LiftForm => ({
  variationId,
  load: '',
  reps: '',
  left: 'unknown',
  isAbout: false,
  source: null,
  isClean: true,
  on: addDays(today, -3),
});

/** Which of the usual answers a date is; null: a date of its own. */
export const agoOf = (on: string, today: string): (typeof AGO)[number]['value'] | null =>
  AGO.find(({ value }) => Number(value) === daysBetween(on, today))?.value ?? null;

export type LiftErrors = Partial<Record<'load' | 'reps' | 'on', string>>;

/** What is wrong with what was typed; empty fields say nothing yet. */
export const liftErrors = ({ load, reps, on }: LiftForm, unit: MassUnit, today: string): LiftErrors => {
  const [kg, count] = [readNumber(load), readNumber(reps)];
  const { min, max } = LIFT_BOUNDS.reps;
  return {
    ...(kg === undefined || (typeof kg === 'number' && kg < 0) ? { load: words.mustBeALoad(unit) } : {}),
    ...(count === undefined || (typeof count === 'number' && (!Number.isInteger(count) || count < min || count > max))
      ? { reps: words.mustBeAWhole(min, max) }
      : {}),
    ...(on > today ? { on: words.mustNotLieIn } : {}),
  };
};

/** What is kept of it; null where something is missing or wrong. */
export const liftFields = (form: LiftForm, unit: MassUnit, today: string): KnownLiftFields | null => {
  const [load, reps] = [readNumber(form.load), readNumber(form.reps)];
  const { variationId, source, isAbout, isClean, on, left } = form;
  if (Object.keys(liftErrors(form, unit, today)).length > 0 || variationId === null || source === null || on === '') return null;
  if (typeof load !== 'number' || typeof reps !== 'number') return null;
  const reserve = left === 'unknown' ? null : Number(left);
  return { kind: 'known-lift', variationId, loadKg: toKg(load, unit), reps, reserve, isAbout, source, isClean, on, note: '' };
};
