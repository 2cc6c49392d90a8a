import type { ChoiceDto, ReviewDto } from '@drubo/contracts';
import { findVariation } from '@drubo/core/catalogue';
import type { ExerciseLog } from '@drubo/core/judging';
import { checkValues } from '@drubo/core/knowledge';
import { afterReview } from '@drubo/core/loop';
import type { SettledItem } from '@drubo/core/loop';
import { accessTo } from '@drubo/core/selection';
import type { Caller, Context } from '../context';
import type { SessionRow } from '../db/models';
import type { Scope } from '../db/scope';
import { mustBeFinished } from './must-be-finished';
import { findSession } from '../shared/find';
import type { Operation } from '../shared/work';
import { checkDose } from '../sheet/check-dose';
import { AppError } from '../shared/errors';
import { takeNextSheet } from '../sheet/next-sheet';
import { judgeSession, reviewOf } from './judge-session';
import { findPersonFile } from '../person/person-file';
import { rollAgain } from '../person/roll-plan';
import { keepStandings } from '../person/standings';
import { keepTrack, tracksOf } from '../person/tracks';

/**
 * Settles a review: proposal and choice are kept side by side, tracks take the chosen doses, and the next sheet is made from
 * them. What is postponed keeps its track, and the session waits among those to review. May be done again only when a set
 * it used was amended. What a newer session decided stands: a late review is kept and shown, and overwrites nothing.
 */
export const acceptReview: Operation<'acceptReview'> = async ({ scope, context, caller }, { params, body }) => {
  const { choices, postponed = [] } = body;
  const session = await findSession(scope, params.sessionId);
  mustBeFinished(session);
  choices.forEach((choice, at) => checkDose(choice.dose, `body.choices.${at}.dose`));
  const file = await findPersonFile(scope, context, session.personId);
  const done = await judgeSession(scope, file, session);
  const { judged, ran } = done;
  const review = await reviewOf(scope, file, session, done, await file.tracks());
  const isAgain = session.state === 'reviewed';
  if (isAgain && !review.items.some((item) => item.inputsChanged)) {
    throw new AppError('already-reviewed', 'This session was reviewed and nothing it used has changed.');
  }
  checkChoices(review, choices, judged.logs);
  checkPostponed(review, postponed);
  // What was settled before, and still rests on the same sets, is not settled twice.
  const settling = review.items.filter(
    (item) => !postponed.includes(item.itemId) && (isAgain || item.chosen === null || item.inputsChanged),
  );
  const state = postponed.length > 0 ? ('finished' as const) : ('reviewed' as const);
  await scope.update('sessions', { state }, { id: session.id });
  const movedUp = settling.flatMap(({ itemId, proposal }) => {
    const { verdict } = choices.find((choice) => choice.itemId === itemId) ?? proposal;
    return verdict === 'move-up' ? [itemId] : [];
  });
  const rolled = await rollAgain(scope, context, caller, file, movedUp);
  await takeNextSheet(scope, context, rolled, caller.timeZone, async (plannedFrom, after) => {
    const { settled, stood, sheet } = afterReview({
      ran: ran.ran,
      judgedWith: ran.judgedWith,
      choices,
      proposals: settling.map(({ proposal }) => proposal),
      tracks: await file.tracks(),
      standings: await file.standings(),
      plannedFrom,
      after,
    });
    await keep(scope, context, caller, session, settled);
    await keepStandings(scope, session.personId, stood);
    return settled.length > 0 && settled.every(({ isLate }) => isLate) ? null : sheet;
  });
  // The same judgement, beside what was settled just now.
  return reviewOf(scope, rolled, { ...session, state }, done, await tracksOf(scope, session.personId));
};

/** Decisions are kept whatever came since; tracks only where nothing newer decided. */
const keep = async (
  scope: Scope,
  context: Context,
  caller: Caller,
  session: SessionRow,
  settled: readonly SettledItem[],
): Promise<void> => {
  for (const { itemId, proposal, chosen, track, isLate } of settled) {
    const decidedAt = context.clock.now().toISOString();
    const decided = { itemId, trainerId: caller.trainerId, decidedAt, proposal, chosen };
    await scope.insert('decisions', { id: context.newId(), sessionId: session.id, ...decided });
    if (!isLate) {
      await keepTrack(scope, session.personId, track);
    }
  }
};

const checkPostponed = ({ items }: ReviewDto, postponed: readonly string[]): void => {
  const at = postponed.findIndex((itemId) => !items.some((item) => item.itemId === itemId));
  if (at < 0) return;
  throw new AppError('invalid-input', 'Some of these do not belong to this session.', [
    { path: `body.postponed.${at}`, message: 'is not an exercise of this session' },
  ]);
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
