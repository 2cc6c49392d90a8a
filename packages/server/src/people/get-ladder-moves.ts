import type { PersonId } from '@drubo/core/vocabulary';
import { recordsOf } from '@drubo/contracts';
import type { LadderMoveDto } from '@drubo/contracts';
import { LADDERS } from '@drubo/core/knowledge';
import { currentRecords } from '../db/queries/person-records';
import type { Scope } from '../db/scope';
import { findPerson } from '../shared/find';
import type { Operation } from '../shared/work';

export const getLadderMoves: Operation<'getLadderMoves'> = async ({ scope }, { params }) => {
  const { id } = await findPerson(scope, params.personId);
  const moves = [...(await byReview(scope, id)), ...(await byHand(scope, id))];
  return moves.sort((a, b) => b.on.localeCompare(a.on));
};

/** Decisions that went to another movement. */
const byReview = async (scope: Scope, personId: PersonId): Promise<LadderMoveDto[]> => {
  const sessions = await scope.all('sessions', { personId, state: 'reviewed' });
  const items = await scope.all('sheetItems', { sheetId: sessions.map(({ sheetId }) => sheetId) });
  const decisions = await scope.all('decisions', { sessionId: sessions.map((session) => session.id) });
  return decisions.flatMap(({ itemId, sessionId, chosen, proposal }): LadderMoveDto[] => {
    const from = items.find((item) => item.id === itemId)?.variationId ?? null;
    const on = sessions.find((session) => session.id === sessionId)?.date;
    if (!chosen.variationId || chosen.variationId === from || on === undefined) return [];
    return [{ on, by: 'review', from, to: chosen.variationId, reasons: proposal.reasons, why: null }];
  });
};

const byHand = async (scope: Scope, personId: PersonId): Promise<LadderMoveDto[]> =>
  recordsOf(await currentRecords(scope, personId), 'placement').flatMap(({ fields: { on, ladderId, rungId, why } }) => {
    const rung = LADDERS.find((ladder) => ladder.id === ladderId)?.rungs.find((candidate) => candidate.id === rungId);
    return rung ? [{ on, by: 'hand' as const, from: null, to: rung.variationId, reasons: [], why }] : [];
  });
