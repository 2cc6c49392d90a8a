import { fieldsOfKind } from '@drubo/contracts';
import type {
  ContentItemDto,
  DecisionDto,
  KitDto,
  ReviewDto,
  ReviewItemDto,
  ReviewOtherDto,
  SessionRecordDto,
} from '@drubo/contracts';
import { allowedLoads, currentSets, dayNumber } from '@drubo/core';
import { alternativesTo, decideSession } from '@drubo/core/judging';
import type { ExerciseLog } from '@drubo/core/judging';
import { getVariation } from '@drubo/core/catalogue';
import type { Context } from '../context';
import { toSession } from '../db/mappers/rows';
import { holdsToday, painToday } from '@drubo/core/session';
import type { SessionRow, SheetItemRow } from '../db/models';
import type { Scope } from '../db/scope';
import { exerciseHistory } from './exercise-history';
import { floorOf } from './floor-of';
import type { FloorOf } from './floor-of';
import { findPerson, findSheet } from './find';
import { judgeContext } from './judge-context';
import { openSheet } from './next-sheet';
import { setsOf } from './sets';
import { personPicture } from './person-picture';

/** Worst joint pain of the newest of these sessions; null when nobody asked. */
const lastPain = (past: ExerciseLog['past']): number | null => {
  const pains = (past.at(-1)?.sets ?? []).flatMap((set) => set.jointPain ?? []);
  return pains.length === 0 ? null : Math.max(...pains);
};

/** Everything a session's verdicts rest on. */
export interface SessionLogs {
  /** Exercises that get a verdict, one log each, as they were planned. */
  items: SheetItemRow[];
  logs: ExerciseLog[];
  /** Exercises that get none, with what was done: stand-ins, drills, holds, finishers. */
  others: ReviewOtherDto[];
  records: SessionRecordDto[];
  personName: string;
  kit: KitDto;
}

/** Whether an exercise gets a verdict: drills, finishers, stand-ins and what is counted in seconds are chosen anew each time. */
const isJudged = ({ floor }: FloorOf, { id, blockId, dose }: ContentItemDto): boolean => {
  const role = floor.content.blocks.find((block) => block.id === blockId)?.role ?? 'main';
  return (role === 'main' || role === 'accessory') && dose.seconds === undefined && !floor.standsFor.has(id);
};

/** What was made shorter or easier about an exercise on purpose. */
const cutOf = ({ floor, records }: FloorOf, itemId: string, planned: number): ExerciseLog['cut'] => {
  const eased = fieldsOfKind(records, 'dose').findLast((change) => change.itemId === itemId);
  const aim = floor.setsAim.get(itemId);
  const because = aim?.because ?? floor.left.get(itemId) ?? eased?.because;
  if (because === undefined) return undefined;
  return { sets: aim?.sets ?? (floor.left.has(itemId) ? 0 : planned), because, isEased: eased !== undefined };
};

export const exerciseLogs = async (scope: Scope, context: Context, session: SessionRow): Promise<SessionLogs> => {
  const sheet = await findSheet(scope, session.sheetId);
  const ran = await floorOf(scope, session, sheet);
  const { floor, rows, records, checkIn } = ran;
  const sets = await setsOf(scope, session.id);
  const person = await findPerson(scope, session.personId);
  const picture = await personPicture(scope, person, session.date);
  const judged = await judgeContext(scope, context, person, picture);
  const pastOf = await exerciseHistory(scope, person.id, session.startedAt);
  const done = (itemId: string) => currentSets(sets.filter((set) => set.itemId === itemId));
  const items = floor.content.items.flatMap((item) => (isJudged(ran, item) ? (rows.get(item.id) ?? []) : []));
  const logs = items.map((item): ExerciseLog => {
    const variation = getVariation(judged.catalogue, item.variationId);
    const past = pastOf.of(item.variationId);
    return {
      itemId: item.id,
      variation,
      values: item.leverValues,
      dose: item.dose,
      method: item.method,
      sets: done(item.id),
      day: dayNumber(session.date),
      past,
      loads: allowedLoads(judged.kit, judged.limits, variation, item.leverValues),
      bodyMassKg: sets.find((set) => set.bodyMassKg !== null)?.bodyMassKg ?? person.massKg,
      context: { ...judged, pain: painToday(variation, judged.limits, checkIn, lastPain(past)) },
      cut: cutOf(ran, item.id, item.dose.sets),
      holds: holdsToday(variation, checkIn),
    };
  });
  const others = floor.content.items
    .filter((item) => !isJudged(ran, item))
    .map((item): ReviewOtherDto => {
      const instead = floor.standsFor.get(item.id);
      const standsFor = instead === undefined ? null : (rows.get(instead)?.variationId ?? null);
      return { itemId: item.id, variationId: item.variationId, standsFor, dose: item.dose, sets: done(item.id) };
    });
  return { items, logs, others, records, personName: person.name, kit: picture.kit };
};

/** The latest settled decision per exercise. */
const settled = async (scope: Scope, sessionId: string) =>
  new Map((await scope.all('decisions', { sessionId }, { order: [['decidedAt', 'ASC']] })).map((row) => [row.itemId, row]));

/** A session's review: what is proposed, or what was settled and whether its sets changed since. */
export const readReview = async (scope: Scope, context: Context, session: SessionRow): Promise<ReviewDto> => {
  const { items, logs, others, records, personName, kit } = await exerciseLogs(scope, context, session);
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
    others,
    records,
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
