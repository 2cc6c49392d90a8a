import type { PersonId } from '@drubo/core/vocabulary';
import { personFile } from '../person/person-file';
import { HEALTH_FIELDS } from '@drubo/contracts';
import type { BodyOf, IntakeDto } from '@drubo/contracts';
import { findVariation } from '@drubo/core/catalogue';
import type { Catalogue } from '@drubo/core/catalogue';
import type { Scope } from '../db/scope';
import { NO_CONSENT } from '../person/check-record';
import { intakeOf } from '../person/intake-of';
import { AppError } from '../shared/errors';
import type { FieldProblem } from '../shared/errors';
import { findPerson, refuseErased } from '../shared/find';
import { localDateOf } from '../shared/local-date';
import type { Operation } from '../shared/work';
import { replanSheet } from '../sheet/next-sheet';
import { kitsFor } from '../studio/kits-for';
import { catalogueOf } from '../studio/movements';

type Fields = BodyOf<'saveIntake'>['fields'];

/** The oldest anybody on record has become, with room. */
const OLDEST = 120;

export const saveIntake: Operation<'saveIntake'> = async ({ scope, context, caller }, { params, body }) => {
  await refuseErased(scope, 'people', params.personId);
  const person = await findPerson(scope, params.personId);
  const now = context.clock.now();
  const today = localDateOf(now, caller.timeZone);
  const { fields: before } = await intakeOf(scope, person.id);
  const given = body.fields;
  const catalogue = await catalogueOf(scope, context);
  const fields: IntakeDto = { ...before, ...given, chips: [...(given.chips ?? before.chips)].map(asNoteIfUnknown(catalogue)) };
  const isHealth = HEALTH_FIELDS.some((name) => given[name] !== undefined && !isEmpty(given[name]));
  if (isHealth && fields.consentOn === null) throw new AppError('no-consent', NO_CONSENT);
  const problems = [
    ...datesOf(body.fields, today),
    ...(await placesOf(scope, person.id, body.fields)),
    ...(given.dislikes ?? []).flatMap((id, at) =>
      findVariation(catalogue, id) ? [] : [{ path: `body.fields.dislikes.${at}`, message: 'is not in the catalogue' }],
    ),
  ];
  if (problems.length > 0) throw new AppError('invalid-input', 'Some of this cannot be.', problems);
  const savedAt = now.toISOString();
  await scope.upsert('intakes', { personId: person.id, fields, savedAt });
  await replanSheet(scope, context, personFile(scope, context, person), caller.timeZone);
  return { ...fields, savedAt };
};

/** A chip that names no movement of the catalogue is a note. */
const asNoteIfUnknown =
  (catalogue: Catalogue) =>
  (chip: IntakeDto['chips'][number]): IntakeDto['chips'][number] =>
    chip.kind === 'wants' && !findVariation(catalogue, chip.variationId) ? { kind: 'note', text: chip.variationId } : chip;

const isEmpty = (value: unknown): boolean =>
  value === null || value === '' || (typeof value === 'object' && Object.keys(value).length === 0);

const datesOf = (fields: Fields, today: string): FieldProblem[] => {
  const year = Number(today.slice(0, 4));
  const isBornWrong = typeof fields.birthYear === 'number' && (fields.birthYear > year || fields.birthYear < year - OLDEST);
  const dates = [
    ['pressure.on', fields.pressure?.on],
    ['surgery.on', fields.surgery?.on],
    ['consentOn', fields.consentOn],
  ] as const;
  return [
    ...(isBornWrong ? [{ path: 'body.fields.birthYear', message: `must lie between ${year - OLDEST} and ${year}` }] : []),
    ...dates.flatMap(([path, date]) =>
      date && date > today ? [{ path: `body.fields.${path}`, message: 'must not lie in the future' }] : [],
    ),
  ];
};

const placesOf = async (scope: Scope, personId: PersonId, { places = [] }: Fields): Promise<FieldProblem[]> => {
  const known = new Set((await kitsFor(scope, personId)).map(({ id }) => id));
  return places.flatMap(({ kitId }, at) => {
    const path = `body.fields.places.${at}.kitId`;
    if (!known.has(kitId)) return [{ path, message: 'is not a kit this person can use' }];
    const isTwice = places.findIndex((other) => other.kitId === kitId) !== at;
    return isTwice ? [{ path, message: 'is named twice' }] : [];
  });
};
