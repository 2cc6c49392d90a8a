import type { SessionId } from '@drubo/core/vocabulary';
import type { DecisionDto, ReviewDto, ReviewItemDto, ReviewOtherDto } from '@drubo/contracts';
import type { Track } from '@drubo/core/composing';
import { alternativesTo, decideSession } from '@drubo/core/judging';
import { logsOf } from '@drubo/core/loop';
import type { JudgedSession } from '@drubo/core/loop';
import type { Context } from '../context';
import { toSession } from '../db/mappers/rows';
import type { SessionRow } from '../db/models';
import type { Scope } from '../db/scope';
import { planAhead } from '../plan/plan-ahead';
import { openSheet } from '../sheet/next-sheet';
import { ranSession } from './ran-session';
import type { Ran } from './ran-session';
import { findPersonFile } from '../person/person-file';
import type { PersonFile } from '../person/person-file';

/** A session judged: everything its review shows and settles. */
export interface Judged {
  judged: JudgedSession;
  ran: Ran;
}

/** The latest settled decision per exercise. */
const settled = async (scope: Scope, sessionId: SessionId) =>
  new Map((await scope.all('decisions', { sessionId }, { order: [['decidedAt', 'ASC']] })).map((row) => [row.itemId, row]));

const othersOf = ({ floor, others }: JudgedSession, { ran }: Ran): ReviewOtherDto[] => {
  const known = new Map([...ran.sheet.items, ...ran.brought].map((item) => [item.id, item.variationId]));
  return others.map((item): ReviewOtherDto => {
    const instead = floor.standsFor.get(item.id);
    const sets = ran.sets.filter(({ itemId }) => itemId === item.id);
    return {
      itemId: item.id,
      variationId: item.variationId,
      standsFor: instead === undefined ? null : (known.get(instead) ?? null),
      role: floor.content.blocks.find(({ id }) => id === item.blockId)?.role ?? 'main',
      dose: item.dose,
      sets: [...sets],
    };
  });
};

/** A session with its sets and what each exercise is judged by. */
export const judgeSession = async (scope: Scope, file: PersonFile, session: SessionRow): Promise<Judged> => {
  const ran = await ranSession(scope, file, session);
  return { ran, judged: logsOf(ran.ran, ran.judgedWith) };
};

/** A judged session's review: what is proposed, or what was settled and whether its sets changed since. */
export const reviewOf = async (
  scope: Scope,
  file: PersonFile,
  session: SessionRow,
  { ran, judged }: Judged,
  tracks: readonly Track[],
): Promise<ReviewDto> => {
  const decisions = decideSession(judged.logs);
  const stored = await settled(scope, session.id);
  const role = ran.ran.sheet.dayRole;
  const ofDay = role === null ? [] : tracks.filter(({ dayRole }) => dayRole === role);
  const isLate = (slot: string): boolean =>
    ofDay.some((track) => track.slot === slot && (track.lastDecision?.sessionDate ?? '') > session.date);
  const next = await openSheet(scope, session.personId);
  return {
    session: toSession(session),
    personName: ran.person.name,
    kit: ran.kit,
    items: judged.items.map((item, at): ReviewItemDto => {
      const fresh = decisions[at];
      const log = judged.logs[at];
      if (!fresh || !log) throw new Error(`no decision for item ${item.id}`);
      const row = stored.get(item.id);
      const inputsChanged = row ? !isSameInputs(row.proposal, fresh) : false;
      const proposal = row && !inputsChanged ? row.proposal : fresh;
      return {
        itemId: item.id,
        variationId: item.variationId,
        values: item.values,
        from: item.dose,
        proposal,
        alternatives: alternativesTo(log, proposal).map(({ outcome, ...rest }) => ({ ...rest, outcome: plain(outcome) })),
        chosen: row?.chosen ?? null,
        sets: [...log.sets],
        past: [...log.past],
        inputsChanged,
      };
    }),
    others: othersOf(judged, ran),
    isOwnDay: role === null,
    late: judged.items.filter(({ slot }) => isLate(slot)).map(({ id }) => id),
    records: ran.records,
    ahead: await planAhead(file, session.date, next?.planDay ?? null),
    nextSheetId: next?.id ?? null,
  };
};

export const readReview = async (scope: Scope, context: Context, session: SessionRow): Promise<ReviewDto> => {
  const file = await findPersonFile(scope, context, session.personId);
  return reviewOf(scope, file, session, await judgeSession(scope, file, session), await file.tracks());
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
