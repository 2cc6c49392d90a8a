import type { ChoiceDto, ReviewDto } from '@drubo/contracts';
import { trackAfter } from '@drubo/core';
import type { Caller, Context } from '../context';
import type { SessionRow } from '../db/models';
import type { Scope } from '../db/scope';
import { AppError } from '../errors';
import { findPerson } from './find';
import { replanSheet } from './next-sheet';
import { readReview } from './review';

/**
 * Settles a review: proposal and choice are kept side by side, tracks take the chosen doses, the waiting sheet is
 * planned again from them. May be done again only when a set it used was amended.
 */
export const acceptReview = async (
  scope: Scope,
  context: Context,
  caller: Caller,
  session: SessionRow,
  choices: readonly ChoiceDto[],
): Promise<ReviewDto> => {
  const review = await readReview(scope, context, session);
  const isAgain = session.state === 'reviewed';
  if (isAgain && !review.items.some((item) => item.inputsChanged)) {
    throw new AppError('already-reviewed', 'This session was reviewed and nothing it used has changed.');
  }
  checkChoices(review, choices);
  const rows = await scope.all('sheetItems', { sheetId: session.sheetId });
  for (const item of review.items) {
    const row = rows.find((candidate) => candidate.id === item.itemId);
    if (!row) throw new Error(`item ${item.itemId} left its sheet during a review`);
    const { verdict, dose } = item.proposal;
    const chosen = choices.find((choice) => choice.itemId === item.itemId) ?? { itemId: item.itemId, verdict, dose };
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
      ...trackAfter({ item: row, proposal: item.proposal, chosen, sessionDate: session.date }),
      estimatorState: null,
    });
  }
  await scope.update('sessions', { state: 'reviewed' }, { id: session.id });
  await replanSheet(scope, context, await findPerson(scope, session.personId), caller.timeZone);
  return readReview(scope, context, { ...session, state: 'reviewed' });
};

const checkChoices = (review: ReviewDto, choices: readonly ChoiceDto[]): void => {
  const known = new Set(review.items.map((item) => item.itemId));
  const fields = choices.flatMap((choice, at) => {
    const again = choices.findIndex((other) => other.itemId === choice.itemId) !== at;
    if (!known.has(choice.itemId)) return [{ path: `choices.${at}.itemId`, message: 'is not an exercise of this session' }];
    return again ? [{ path: `choices.${at}.itemId`, message: 'is chosen twice' }] : [];
  });
  if (fields.length > 0) throw new AppError('invalid-input', 'Some choices do not belong to this session.', fields);
};
