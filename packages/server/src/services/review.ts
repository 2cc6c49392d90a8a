import type { DecisionDto, ReviewDto, ReviewItemDto } from '@drubo/contracts';
import { currentSets, decideSession, loadsForVariation } from '@drubo/core';
import { getVariation } from '@drubo/core/catalogue';
import type { Context } from '../context';
import { toSession } from '../db/mappers/rows';
import type { SessionRow } from '../db/models';
import type { Scope } from '../db/scope';
import { findPerson } from './find';
import { catalogueOf } from './movements';
import { openSheet } from './next-sheet';
import { setsOf } from './sets';
import { studioKit } from './studio-kit';

/** The verdict of every exercise of a session, computed now from its current sets. */
const propose = async (scope: Scope, context: Context, session: SessionRow) => {
  const items = await scope.all('sheetItems', { sheetId: session.sheetId }, { order: [['position', 'ASC']] });
  const sets = await setsOf(scope, session.id);
  const kit = await studioKit(scope);
  const person = await findPerson(scope, session.personId);
  const catalogue = await catalogueOf(scope, context);
  const logs = items.map((item) => {
    const variation = getVariation(catalogue, item.variationId);
    return {
      itemId: item.id,
      variation,
      dose: item.dose,
      method: item.method,
      sets: currentSets(sets.filter((set) => set.itemId === item.id)),
      loads: loadsForVariation(kit, variation),
      bodyMassKg: sets.find((set) => set.bodyMassKg !== null)?.bodyMassKg ?? person.massKg,
    };
  });
  return { items, logs, decisions: decideSession(logs), person, kit };
};

/** The latest settled decision per exercise. */
const settled = async (scope: Scope, sessionId: string) =>
  new Map((await scope.all('decisions', { sessionId }, { order: [['decidedAt', 'ASC']] })).map((row) => [row.itemId, row]));

/** A session's review: what is proposed, or what was settled and whether its sets changed since. */
export const readReview = async (scope: Scope, context: Context, session: SessionRow): Promise<ReviewDto> => {
  const { items, logs, decisions, person, kit } = await propose(scope, context, session);
  const stored = await settled(scope, session.id);
  return {
    session: toSession(session),
    personName: person.name,
    kit,
    items: items.map((item, at): ReviewItemDto => {
      const fresh = decisions[at];
      if (!fresh) throw new Error(`no decision for item ${item.id}`);
      const row = stored.get(item.id);
      const inputsChanged = row ? !isSameInputs(row.proposal, fresh) : false;
      return {
        itemId: item.id,
        variationId: item.variationId,
        from: item.dose,
        proposal: row && !inputsChanged ? row.proposal : fresh,
        chosen: row?.chosen ?? null,
        sets: logs[at]?.sets ?? [],
        inputsChanged,
      };
    }),
    nextSheetId: (await openSheet(scope, session.personId))?.id ?? null,
  };
};

const isSameInputs = (a: DecisionDto, b: DecisionDto): boolean => {
  const key = (decision: DecisionDto) =>
    decision.usedSets
      .map((set) => `${set.setId}@${set.revision}`)
      .sort()
      .join();
  return key(a) === key(b);
};
