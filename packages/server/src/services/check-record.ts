import { isPossibleBody, recordsOf } from '@drubo/contracts';
import type { IntakeDto, PersonRecordDto, RecordFields } from '@drubo/contracts';
import { getVariation } from '@drubo/core/catalogue';
import { LADDERS } from '@drubo/core/knowledge';
import { WARNING_SIGNS } from '@drubo/core/limits';
import { accessTo } from '@drubo/core/selection';
import type { Context } from '../context';
import type { PersonRow } from '../db/models';
import type { Scope } from '../db/scope';
import { AppError } from '../errors';
import type { FieldProblem } from '../errors';
import { catalogueOf } from './movements';
import { personPicture } from './person-picture';

/** Kinds that are health notes. A warning sign isn't among them: it is kept whatever was agreed. */
const NEEDS_CONSENT = new Set<RecordFields['kind']>(['limit', 'clearance', 'screening']);

export const NO_CONSENT = 'Health notes are kept only with the person’s consent. Ask, and record it first.';

/** What a record is checked against. */
export interface RecordCheck {
  person: PersonRow;
  recordId: string;
  intake: IntakeDto;
  records: readonly PersonRecordDto[];
  today: string;
}

const notLater = (path: string, date: string | null, today: string): FieldProblem[] =>
  date !== null && date > today ? [{ path: `body.fields.${path}`, message: 'must not lie in the future' }] : [];

const sameLimit = (
  { records, recordId }: RecordCheck,
  { limit, side }: Extract<RecordFields, { kind: 'limit' }>,
): FieldProblem[] => {
  const other = recordsOf(records, 'limit').find(
    ({ id, fields }) =>
      id !== recordId && fields.limit === limit && (fields.side === side || fields.side === 'both' || side === 'both'),
  );
  return other ? [{ path: 'body.fields.side', message: 'has this limit already: change that one' }] : [];
};

const problemsOf = (check: RecordCheck, fields: RecordFields): FieldProblem[] => {
  const { person, today } = check;
  switch (fields.kind) {
    case 'measure': {
      const body = { massKg: fields.massKg ?? person.massKg, heightCm: fields.heightCm ?? person.heightCm };
      const fits = isPossibleBody(body)
        ? []
        : [{ path: 'body.fields.massKg', message: 'does not fit the height: one of the two must be wrong' }];
      return [...notLater('on', fields.on, today), ...fits];
    }
    case 'limit':
      return [...notLater('askedOn', fields.askedOn, today), ...sameLimit(check, fields)];
    case 'clearance':
      return notLater('on', fields.on, today);
    case 'sign':
      return WARNING_SIGNS.some(({ id }) => id === fields.sign)
        ? notLater('on', fields.on, today)
        : [{ path: 'body.fields.sign', message: 'is not a warning sign known here' }];
    case 'screening':
    case 'note':
    case 'placement':
      return notLater('on', fields.on, today);
  }
};

/** Refuses a record that can't be: in the future, twice on one side of one joint, impossible, or not agreed to. */
export const checkRecord = (check: RecordCheck, fields: RecordFields): void => {
  if (check.person.archivedAt !== null) {
    throw new AppError('person-archived', `${check.person.name} is archived. Restore them first.`);
  }
  if (NEEDS_CONSENT.has(fields.kind) && check.intake.consentOn === null) throw new AppError('no-consent', NO_CONSENT);
  const problems = problemsOf(check, fields);
  if (problems.length > 0) throw new AppError('invalid-input', 'Some of this cannot be.', problems);
};

/** The rung a placement names, or a refusal: unknown, or locked for this person. */
export const checkPlacement = async (
  scope: Scope,
  context: Context,
  { person, today }: RecordCheck,
  { ladderId, rungId }: Extract<RecordFields, { kind: 'placement' }>,
) => {
  const ladder = LADDERS.find(({ id }) => id === ladderId);
  const rung = ladder?.rungs.find(({ id }) => id === rungId);
  if (!ladder || !rung) {
    throw new AppError('invalid-input', 'There is no such stage.', [
      { path: 'body.fields.rungId', message: 'is not a stage of this ladder' },
    ]);
  }
  const picture = await personPicture(scope, person, today);
  const variation = getVariation(await catalogueOf(scope, context), rung.variationId);
  const { state } = accessTo(variation, { ...picture, limits: picture.health.limits });
  if (state === 'locked') {
    throw new AppError('locked-movement', `${variation.name} is locked for ${person.name}.`, [
      { path: 'body.fields.rungId', message: 'is locked for this person here' },
    ]);
  }
  return { ladder, rung, variation, picture };
};
