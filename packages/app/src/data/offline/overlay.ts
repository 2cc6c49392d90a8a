import { currentSessionRecords, sessionIdFor } from '@drubo/contracts';
import type { BodyOf, SessionDetailDto, SessionRecordDto, SetRecordDto, SheetDto } from '@drubo/contracts';
import { currentSets, externalKgOf, feelersLeft, isSameDose } from '@drubo/core';
import { fixedHere } from './fixed-at-start';
import { freshOf } from './fresh-items';
import { isWrite, pathId } from './types';
import type { StoredCommand, StoredOf } from './types';

/** The line all of a sheet's and its session's writes wait in, so they are sent in the order they were made. */
export const sheetAggregate = (sheetId: string): string => `sheet:${sheetId}`;
export const personAggregate = (personId: string): string => `person:${personId}`;

/** Ids of sheet and try, read back from a session's id. */
export const sheetOfSession = (sessionId: string): { sheetId: string; attempt: number } => {
  const cut = sessionId.lastIndexOf('-');
  return { sheetId: sessionId.slice(0, cut), attempt: Number(sessionId.slice(cut + 1)) };
};

/** A sheet arranged as a command says: what the server knows of each exercise stays beside what was set. */
const arranged = (sheet: SheetDto, { content, version }: Omit<BodyOf<'saveSheet'>, 'command'>): SheetDto => {
  const { items, ...shape } = content;
  return {
    ...sheet,
    ...shape,
    version: Math.max(sheet.version, version + 1),
    items: items.map((item): SheetDto['items'][number] => {
      const known = sheet.items.find(({ id, variationId }) => id === item.id && variationId === item.variationId);
      const { proposed, why } = known ?? freshOf(item.id, item);
      return {
        lastTime: sheet.items.find(({ slot }) => slot === item.slot)?.lastTime ?? null,
        past: [],
        ...known,
        ...item,
        proposed,
        why,
        feelers: feelersLeft({ ...item, proposed }),
        edited: !isSameDose(item.dose, proposed),
      };
    }),
  };
};

/** A sheet with this device's unsent edits on it, and the version the next edit has to name. */
export const sheetWithCommands = (sheet: SheetDto, commands: readonly StoredCommand[]): SheetDto =>
  commands
    .filter(isWrite('saveSheet'))
    .filter(({ params, state }) => params.sheetId === sheet.id && state === 'waiting')
    .reduce((shown, { body }) => arranged(shown, body), sheet);

/** A read may have begun this long before it arrived. */
export const READ_SLACK_MS = 15_000;

/** The revision a write made here will be: one more than the newest this device knows. */
const nextRevision = (known: readonly { id: string; revision: number }[], id: string): number =>
  known.reduce((newest, one) => (one.id === id ? Math.max(newest, one.revision) : newest), 0) + 1;

/** Unsent sets as the server will have them, each on top of what is known and of those before it. */
const unsentSets = (known: readonly SetRecordDto[], commands: readonly StoredOf<'logSet'>[]): SetRecordDto[] =>
  commands.reduce<SetRecordDto[]>(
    (made, { params, body, deviceId, deviceSeq }) => [
      ...made,
      {
        ...body,
        id: params.setId,
        sessionId: params.sessionId,
        externalKg: externalKgOf(body.implements),
        bodyMassKg: null,
        deviceId,
        deviceSeq,
        receivedAt: null,
        revision: nextRevision([...known, ...made], params.setId),
      },
    ],
    [],
  );

/**
 * A session as this device knows it: what the server last said, with every write of this device on top, whether sent
 * or not. Without a server's answer a session that was started here is built from its sheet.
 * Undefined when neither is known. `readAt`: when the server's answer arrived.
 */
export const sessionWithCommands = (
  sessionId: string,
  fromServer: SessionDetailDto | undefined,
  sheet: SheetDto | undefined,
  commands: readonly StoredCommand[],
  readAt = 0,
): SessionDetailDto | undefined => {
  const mine = commands.filter((command) => pathId(command, 'sessionId') === sessionId && command.state !== 'needs-you');
  const started = mine.find(isWrite('startSession'));
  const base = fromServer ?? (sheet && started && startedHere(sessionId, sheet, started));
  if (!base) return undefined;
  const logged = mine.filter(isWrite('logSet'));
  // An answer counts only while the session was not read since: what was read later may lack a set undone elsewhere.
  const answered = logged.flatMap(({ state, reply, settledAt }) =>
    state === 'done' && reply && (settledAt ?? 0) > readAt - READ_SLACK_MS ? [reply] : [],
  );
  const told = [...base.sets, ...answered];
  const unsent = unsentSets(
    told,
    logged.filter(({ state }) => state === 'waiting'),
  );
  const finish = mine.findLast(isWrite('finishSession'))?.body;
  const state =
    base.session.state !== 'live'
      ? base.session.state
      : mine.some(isWrite('discardSession'))
        ? 'discarded'
        : finish
          ? 'finished'
          : 'live';
  return {
    ...base,
    session: { ...base.session, state, finishedAt: base.session.finishedAt ?? finish?.finishedAt ?? null },
    sets: currentSets([...told, ...unsent]),
    records: recordsWith(base.records, mine, readAt),
  };
};

/** What is kept about a session beside its sets, with this device's own on top. */
const recordsWith = (
  known: readonly SessionRecordDto[],
  commands: readonly StoredCommand[],
  readAt: number,
): SessionRecordDto[] => {
  const own = commands.filter(isWrite('saveSessionRecord'));
  const answered = own.flatMap(({ state, reply, settledAt }) =>
    state === 'done' && reply && (settledAt ?? 0) > readAt - READ_SLACK_MS ? [reply] : [],
  );
  const told = [...known, ...answered];
  const unsent = own
    .filter(({ state }) => state === 'waiting')
    .reduce<SessionRecordDto[]>((made, { params: { recordId: id, sessionId }, body, deviceId, deviceSeq }) => {
      const revision = nextRevision([...told, ...made], id);
      return [...made, { ...body, id, sessionId, revision, receivedAt: null, deviceId, deviceSeq }];
    }, []);
  return currentSessionRecords([...told, ...unsent]);
};

const startedHere = (sessionId: string, sheet: SheetDto, { body }: StoredOf<'startSession'>): SessionDetailDto | undefined => {
  if (sessionIdFor(sheet.id, sheetOfSession(sessionId).attempt) !== sessionId) return undefined;
  const { startedAt, entry = 'live', unplannedFor, taken = [] } = body;
  return {
    session: {
      id: sessionId,
      sheetId: sheet.id,
      personId: sheet.personId,
      state: 'live',
      date: startedAt.slice(0, 10),
      startedAt,
      finishedAt: null,
      effort: null,
      note: '',
      entry,
      minutes: null,
    },
    sheet: { ...fixedHere(sheet, taken), state: unplannedFor === undefined ? 'started' : 'loose' },
    sets: [],
    records: [],
    floorItems: [],
  };
};

/** Where a sheet's session stands, this device's unsent writes counted in. */
export interface SheetProgress {
  /** The number of the next try. */
  attempt: number;
  liveSessionId: string | null;
  /** Finished here and not yet known to the server as finished. */
  finishedSessionId: string | null;
}

/**
 * Progress of a sheet as this device knows it: a try discarded here counts at once, a session started here is running,
 * one finished here is no longer.
 */
export const progressOfSheet = (
  sheet: Pick<SheetDto, 'id' | 'attempt'>,
  liveSessionId: string | null,
  commands: readonly StoredCommand[],
): SheetProgress => {
  const has = (endpointId: StoredCommand['endpointId'], sessionId: string) =>
    commands.some(
      (command) =>
        command.endpointId === endpointId && pathId(command, 'sessionId') === sessionId && command.state !== 'needs-you',
    );
  let { attempt } = sheet;
  while (has('discardSession', sessionIdFor(sheet.id, attempt))) attempt += 1;
  const current = sessionIdFor(sheet.id, attempt);
  const isFinished = has('finishSession', current);
  const isLive = !isFinished && (liveSessionId === current || has('startSession', current));
  return { attempt, liveSessionId: isLive ? current : null, finishedSessionId: isFinished ? current : null };
};
