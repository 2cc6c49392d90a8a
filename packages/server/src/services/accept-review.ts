import type { BodyOf, ChoiceDto, ReviewDto } from '@drubo/contracts';
import { trackAfter } from '@drubo/core/composing';
import type { Track } from '@drubo/core/composing';
import { standOn } from '@drubo/core/judging';
import type { ExerciseLog } from '@drubo/core/judging';
import { findVariation } from '@drubo/core/catalogue';
import { checkValues } from '@drubo/core/knowledge';
import { accessTo } from '@drubo/core/selection';
import type { Caller, Context } from '../context';
import type { SessionRow } from '../db/models';
import type { Scope } from '../db/scope';
import { AppError } from '../errors';
import { findPerson } from './find';
import { replanSheet } from './next-sheet';
import { exerciseLogs, readReview } from './review';

/**
 * Settles a review: proposal and choice are kept side by side, tracks take the chosen doses, the waiting sheet is
 * planned again from them. What is postponed keeps its track, and the session waits among those to review. May be done again only when a set it used was amended.
 */
export const acceptReview = async (
  scope: Scope,
  context: Context,
  caller: Caller,
  session: SessionRow,
  { choices, postponed = [] }: Pick<BodyOf<'acceptReview'>, 'choices' | 'postponed'>,
): Promise<ReviewDto> => {
  const review = await readReview(scope, context, session);
  const isAgain = session.state === 'reviewed';
  if (isAgain && !review.items.some((item) => item.inputsChanged)) {
    throw new AppError('already-reviewed', 'This session was reviewed and nothing it used has changed.');
  }
  const { logs, items: rows } = await exerciseLogs(scope, context, session);
  checkChoices(review, choices, logs);
  checkPostponed(review, postponed);
  for (const item of review.items) {
    // What was settled before, and still rests on the same sets, is not settled twice.
    const isSettled = !isAgain && item.chosen !== null && !item.inputsChanged;
    if (isSettled || postponed.includes(item.itemId)) continue;
    const row = rows.find((candidate) => candidate.id === item.itemId);
    if (!row) throw new Error(`item ${item.itemId} left its sheet during a review`);
    const chosen = choices.find((choice) => choice.itemId === item.itemId) ?? asProposed(item);
    const track = trackAfter({
      item: { ...row, values: row.leverValues },
      proposal: item.proposal,
      chosen,
      sessionDate: session.date,
    });
    const log = logs.find((candidate) => candidate.itemId === item.itemId);
    await scope.insert('decisions', {
      id: context.newId(),
      sessionId: session.id,
      itemId: item.itemId,
      trainerId: caller.trainerId,
      decidedAt: context.clock.now().toISOString(),
      proposal: item.proposal,
      chosen,
    });
    await scope.upsert('tracks', {
      personId: session.personId,
      ...asTrackRow(track),
      standing: log ? standingAfter(log, track) : null,
      estimatorState: null,
    });
  }
  const state = postponed.length > 0 ? ('finished' as const) : ('reviewed' as const);
  await scope.update('sessions', { state }, { id: session.id });
  await replanSheet(scope, context, await findPerson(scope, session.personId), caller.timeZone, true);
  return readReview(scope, context, { ...session, state });
};

const checkPostponed = ({ items }: ReviewDto, postponed: readonly string[]): void => {
  const at = postponed.findIndex((itemId) => !items.some((item) => item.itemId === itemId));
  if (at < 0) return;
  throw new AppError('invalid-input', 'Some of these do not belong to this session.', [
    { path: `body.postponed.${at}`, message: 'is not an exercise of this session' },
  ]);
};

const asProposed = ({ itemId, proposal }: ReviewDto['items'][number]): ChoiceDto => {
  const { verdict, dose, variationId, values } = proposal;
  return {
    itemId,
    verdict,
    dose,
    ...(variationId === undefined ? {} : { variationId }),
    ...(values === undefined ? {} : { values }),
  };
};

const asTrackRow = ({ values, ...track }: Track) => ({ ...track, leverValues: values });

/** Where the person stands on the movement's ladder once this review is settled. A new movement has shown nothing yet. */
const standingAfter = (log: ExerciseLog, track: Track) => {
  const isSame = track.variationId === log.variation.id;
  const today = { sessionId: log.itemId, day: log.day, dose: log.dose, values: log.values, sets: log.sets };
  return standOn({
    catalogue: log.context.catalogue,
    kit: log.context.kit,
    variationId: track.variationId,
    values: track.values,
    dose: track.dose,
    bodyMassKg: log.bodyMassKg,
    sessions: isSame ? [...log.past, today] : [],
  });
};

const checkChoices = (review: ReviewDto, choices: readonly ChoiceDto[], logs: readonly ExerciseLog[]): void => {
  const known = new Set(review.items.map((item) => item.itemId));
  const fields = choices.flatMap((choice, at) => {
    const again = choices.findIndex((other) => other.itemId === choice.itemId) !== at;
    if (!known.has(choice.itemId)) return [{ path: `choices.${at}.itemId`, message: 'is not an exercise of this session' }];
    if (again) return [{ path: `choices.${at}.itemId`, message: 'is chosen twice' }];
    return checkMovement(choice, at, logs);
  });
  if (fields.length > 0) throw new AppError('invalid-input', 'Some choices do not belong to this session.', fields);
};

/** Another movement must be in the catalogue, and settings on its scales. */
const checkMovement = (choice: ChoiceDto, at: number, logs: readonly ExerciseLog[]) => {
  const log = logs.find(({ itemId }) => itemId === choice.itemId);
  if (!log) return [];
  const variation = findVariation(log.context.catalogue, choice.variationId ?? log.variation.id);
  if (!variation) return [{ path: `choices.${at}.variationId`, message: 'is not in the catalogue' }];
  const isOther = variation.id !== log.variation.id;
  if (isOther && accessTo(variation, log.context).state === 'locked') {
    return [{ path: `choices.${at}.variationId`, message: 'is locked for this person here' }];
  }
  return checkValues(variation, choice.values ?? {}).map(({ lever, reason }) => ({
    path: `choices.${at}.values.${lever}`,
    message: reason === 'no-such-lever' ? 'is not a setting of this movement' : 'is not on its scale',
  }));
};
