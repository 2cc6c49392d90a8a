import { zodResolver } from '@hookform/resolvers/zod';
import { z } from 'zod';
import { PERSON_BOUNDS, personFields } from '@drubo/contracts';
import type { PersonDto } from '@drubo/contracts';
import { fromKg, toKg } from '@drubo/core';
import { formatNumber } from '@drubo/words/explain';
import type { MassUnit } from '@drubo/core/vocabulary';
import { lengthFromCm, lengthToCm, lengthUnit, measure, readNumber } from '../../ui/measure';
import { peopleWords } from '@drubo/words/screens/people';

const words = peopleWords.personFormText;

/** The form as it is typed: text in the trainer's own units. */
export type PersonFormValues = {
  name: string;
  mass: string;
  height: string;
  goal: PersonDto['goal'] | null;
  trainingAge: PersonDto['trainingAge'] | null;
  minutes: string;
  note: string;
  schools: PersonDto['schools'];
};

/** What the server is sent. */
export type PersonFields = Pick<
  PersonDto,
  'name' | 'massKg' | 'heightCm' | 'goal' | 'trainingAge' | 'minutes' | 'note' | 'schools'
>;

const minutes = z.string().transform((text, context) => {
  const parsed = personFields.minutes.safeParse(readNumber(text) ?? NaN);
  if (parsed.success) return parsed.data;
  const issue = parsed.error.issues[0];
  context.addIssue({
    code: 'custom',
    message: issue?.code === 'invalid_type' ? words.mustBeAWhole : (issue?.message ?? ''),
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
      goal: personFields.goal.nullable().refine((goal) => goal !== null, words.mustBeChosen),
      trainingAge: personFields.trainingAge.nullable().refine((age) => age !== null, words.mustBeChosen),
      minutes,
      note: personFields.note,
      schools: personFields.schools,
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
  schools: person?.schools ?? {},
});
