import type { DecisionDto, KitDto, ReviewDto, ReviewItemDto } from '@drubo/contracts';
import { allowedLoads, currentSets, dayNumber } from '@drubo/core';
import { alternativesTo, decideSession } from '@drubo/core/judging';
import type { ExerciseLog } from '@drubo/core/judging';
import { getVariation } from '@drubo/core/catalogue';
import type { Context } from '../context';
import { toSession } from '../db/mappers/rows';
import type { SessionRow, SheetItemRow, SheetRow } from '../db/models';
import type { Scope } from '../db/scope';
import { exerciseHistory } from './exercise-history';
import { findPerson, findSheet } from './find';
import { judgeContext } from './judge-context';
import { openSheet } from './next-sheet';
import { setsOf } from './sets';
import { itemsOf } from './sheet-items';
import { personPicture } from './person-picture';

/** Worst joint pain of the newest of these sessions; null when nobody asked. */
const lastPain = (past: ExerciseLog['past']): number | null => {
  const pains = (past.at(-1)?.sets ?? []).flatMap((set) => set.jointPain ?? []);
  return pains.length === 0 ? null : Math.max(...pains);
};

/** Exercises that get a verdict: drills, finishers and what is counted in seconds are chosen anew each time. */
const judgedOf = (sheet: SheetRow, items: readonly SheetItemRow[]): SheetItemRow[] =>
  items.filter(({ blockId, dose }) => {
    const role = sheet.blocks.find(({ id }) => id === blockId)?.role ?? 'main';
    return (role === 'main' || role === 'accessory') && dose.seconds === undefined;
  });

/** Everything a session's verdicts rest on, one log an exercise. */
export const exerciseLogs = async (
  scope: Scope,
  context: Context,
  session: SessionRow,
): Promise<{ items: SheetItemRow[]; logs: ExerciseLog[]; personName: string; kit: KitDto }> => {
  const items = judgedOf(await findSheet(scope, session.sheetId), await itemsOf(scope, session.sheetId));
  const sets = await setsOf(scope, session.id);
  const person = await findPerson(scope, session.personId);
  const picture = await personPicture(scope, person, session.date);
  const judged = await judgeContext(scope, context, person, picture);
  const pastOf = await exerciseHistory(scope, person.id, session.startedAt);
  const logs = items.map((item): ExerciseLog => {
    const variation = getVariation(judged.catalogue, item.variationId);
    const past = pastOf.of(item.variationId);
    return {
      itemId: item.id,
      variation,
      values: item.leverValues,
      dose: item.dose,
      method: item.method,
      sets: currentSets(sets.filter((set) => set.itemId === item.id)),
      day: dayNumber(session.date),
      past,
      loads: allowedLoads(judged.kit, judged.limits, variation, item.leverValues),
      bodyMassKg: sets.find((set) => set.bodyMassKg !== null)?.bodyMassKg ?? person.massKg,
      context: { ...judged, pain: { ...judged.pain, lastTime: lastPain(past) } },
    };
  });
  return { items, logs, personName: person.name, kit: picture.kit };
};

/** The latest settled decision per exercise. */
const settled = async (scope: Scope, sessionId: string) =>
  new Map((await scope.all('decisions', { sessionId }, { order: [['decidedAt', 'ASC']] })).map((row) => [row.itemId, row]));

/** A session's review: what is proposed, or what was settled and whether its sets changed since. */
export const readReview = async (scope: Scope, context: Context, session: SessionRow): Promise<ReviewDto> => {
  const { items, logs, personName, kit } = await exerciseLogs(scope, context, session);
  const decisions = decideSession(logs);
  const stored = await settled(scope, session.id);
  return {
    session: toSession(session),
    personName,
    kit,
    items: items.map((item, at): ReviewItemDto => {
      const fresh = decisions[at];
      const log = logs[at];
      if (!fresh || !log) throw new Error(`no decision for item ${item.id}`);
      const row = stored.get(item.id);
      const inputsChanged = row ? !isSameInputs(row.proposal, fresh) : false;
      const proposal = row && !inputsChanged ? row.proposal : fresh;
      return {
        itemId: item.id,
        variationId: item.variationId,
        values: item.leverValues,
        from: item.dose,
        proposal,
        alternatives: alternativesTo(log, proposal).map(({ outcome, ...rest }) => ({ ...rest, outcome: plain(outcome) })),
        chosen: row?.chosen ?? null,
        sets: [...log.sets],
        past: [...log.past],
        inputsChanged,
      };
    }),
    nextSheetId: (await openSheet(scope, session.personId))?.id ?? null,
  };
};

/** An outcome without what only a decision carries. */
const plain = ({ verdict, change, dose, reasons, variationId, values }: ReviewItemDto['alternatives'][number]['outcome']) => ({
  verdict,
  change,
  dose,
  reasons,
  ...(variationId === undefined ? {} : { variationId }),
  ...(values === undefined ? {} : { values }),
});

const isSameInputs = (a: DecisionDto, b: DecisionDto): boolean => {
  const key = (decision: DecisionDto) =>
    decision.usedSets
      .map((set) => `${set.setId}@${set.revision}`)
      .sort()
      .join();
  return key(a) === key(b);
};
