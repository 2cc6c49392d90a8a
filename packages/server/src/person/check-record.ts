import { HEALTH_KINDS, isPossibleBody, recordsOf } from '@drubo/contracts';
import type { IntakeDto, PersonRecordDto, RecordFields } from '@drubo/contracts';
import { findVariation } from '@drubo/core/catalogue';
import type { Ladder, Rung } from '@drubo/core/catalogue';
import { LADDERS } from '@drubo/core/knowledge';
import { WARNING_SIGNS } from '@drubo/core/limits';
import { liftProblems } from '@drubo/core/strength';
import type { LiftProblem } from '@drubo/core/strength';
import type { Context } from '../context';
import type { PersonRow } from '../db/models';
import type { Scope } from '../db/scope';
import { AppError } from '../shared/errors';
import type { FieldProblem } from '../shared/errors';
import { catalogueOf } from '../studio/movements';

const NEEDS_CONSENT = new Set<RecordFields['kind']>(HEALTH_KINDS);

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
    case 'known-lift':
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

const LIFT_WORDS: Record<LiftProblem['code'], (problem: LiftProblem) => string> = {
  'too-heavy': (problem) =>
    `can’t be: nobody is taken to hold more than ${'most' in problem ? problem.most : 0} kg in this movement`,
  'too-many-at-max': (problem) =>
    `can’t be with none left: more than ${'most' in problem ? problem.most : 0} with a load is no maximum`,
  timed: () => 'is timed: seconds are no known lift',
};

/** Refuses a known lift that can't be: no such movement, more than anybody holds there, a maximum of eighty reps. */
export const checkKnownLift = async (
  scope: Scope,
  context: Context,
  fields: Extract<RecordFields, { kind: 'known-lift' }>,
): Promise<void> => {
  const variation = findVariation(await catalogueOf(scope, context), fields.variationId);
  const problems = variation
    ? liftProblems(variation, fields).map((problem) => ({
        path: `body.fields.${problem.field}`,
        message: LIFT_WORDS[problem.code](problem),
      }))
    : [{ path: 'body.fields.variationId', message: 'is no movement known here' }];
  if (problems.length > 0) throw new AppError('invalid-input', 'This lift cannot be.', problems);
};

/** The rung a placement names. */
export const rungPlacedOn = ({
  ladderId,
  rungId,
}: Extract<RecordFields, { kind: 'placement' }>): { ladder: Ladder; rung: Rung } => {
  const ladder = LADDERS.find(({ id }) => id === ladderId);
  const rung = ladder?.rungs.find(({ id }) => id === rungId);
  if (!ladder || !rung) {
    throw new AppError('invalid-input', 'There is no such stage.', [
      { path: 'body.fields.rungId', message: 'is not a stage of this ladder' },
    ]);
  }
  return { ladder, rung };
};
