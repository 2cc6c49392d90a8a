import { zodResolver } from '@hookform/resolvers/zod';
import { z } from 'zod';
import { PERSON_BOUNDS, personFields } from '@drubo/contracts';
import type { PersonDto } from '@drubo/contracts';
import { cmToInches, fromKg, inchesToCm, toKg } from '@drubo/core';
import { formatNumber } from '@drubo/core/explain';
import type { MassUnit } from '@drubo/core/vocabulary';

/** The form as it is typed: text in the trainer's own units. */
export type PersonFormValues = {
  name: string;
  mass: string;
  height: string;
  goal: PersonDto['goal'] | null;
  trainingAge: PersonDto['trainingAge'] | null;
  minutes: string;
  note: string;
};

/** What the server is sent. */
export type PersonFields = Pick<PersonDto, 'name' | 'massKg' | 'heightCm' | 'goal' | 'trainingAge' | 'minutes' | 'note'>;

export const lengthUnit = (unit: MassUnit): 'cm' | 'in' => (unit === 'kg' ? 'cm' : 'in');

const lengthFromCm = (cm: number, unit: MassUnit): number => (unit === 'kg' ? cm : cmToInches(cm));
const lengthToCm = (value: number, unit: MassUnit): number => (unit === 'kg' ? value : inchesToCm(value));

/** A number typed by a person; a comma is a decimal point. Empty: not asked. */
const readNumber = (text: string): number | null | undefined => {
  const trimmed = text.trim().replace(',', '.');
  if (trimmed === '') return null;
  return /^\d+(\.\d+)?$/.test(trimmed) ? Number(trimmed) : undefined;
};

/** A measure in the trainer's unit, kept in ours; the bounds are told in the trainer's. */
const measure = (
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
      message: typed === undefined ? `must be a number in ${unit}` : `must be between ${low} and ${high} ${unit}`,
    });
    return z.NEVER;
  });

const minutes = z.string().transform((text, context) => {
  const parsed = personFields.minutes.safeParse(readNumber(text) ?? NaN);
  if (parsed.success) return parsed.data;
  const issue = parsed.error.issues[0];
  context.addIssue({
    code: 'custom',
    message: issue?.code === 'invalid_type' ? 'must be a whole number' : (issue?.message ?? ''),
  });
  return z.NEVER;
});

/** Checks the form by the contract's own rules and turns it into what the server takes. */
export const personFormSchema = (unit: MassUnit) =>
  z
    .object({
      name: personFields.name,
      mass: measure(
        PERSON_BOUNDS.massKg,
        (value) => toKg(value, unit),
        (kg) => fromKg(kg, unit),
        unit,
      ),
      height: measure(
        PERSON_BOUNDS.heightCm,
        (value) => lengthToCm(value, unit),
        (cm) => lengthFromCm(cm, unit),
        lengthUnit(unit),
      ),
      goal: personFields.goal.nullable().refine((goal) => goal !== null, 'must be chosen'),
      trainingAge: personFields.trainingAge.nullable().refine((age) => age !== null, 'must be chosen'),
      minutes,
      note: personFields.note,
    })
    .transform(({ mass, height, goal, trainingAge, ...rest }): PersonFields => {
      if (!goal || !trainingAge) throw new Error('personFormSchema: goal and training age were checked above');
      return { ...rest, massKg: mass, heightCm: height, goal, trainingAge };
    });

export const personResolver = (unit: MassUnit) => zodResolver(personFormSchema(unit));

const shown = (value: number | null): string => (value === null ? '' : formatNumber(value, 1));

/** A stored person as the form shows them; an empty form for a new one. */
export const formValuesOf = (person: PersonDto | null, unit: MassUnit): PersonFormValues => ({
  name: person?.name ?? '',
  mass: shown(person?.massKg === undefined || person.massKg === null ? null : fromKg(person.massKg, unit)),
  height: shown(person?.heightCm === undefined || person.heightCm === null ? null : lengthFromCm(person.heightCm, unit)),
  goal: person?.goal ?? null,
  trainingAge: person?.trainingAge ?? null,
  minutes: String(person?.minutes ?? 45),
  note: person?.note ?? '',
});
