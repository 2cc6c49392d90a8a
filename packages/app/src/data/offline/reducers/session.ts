import { currentSessionRecords } from '@drubo/contracts';
import type { SessionDetailDto, SessionDto, SessionRecordDto, SetRecordDto } from '@drubo/contracts';
import { currentSets, externalKgOf } from '@drubo/core';
import type { StoredOf } from '../types';
import type { ReducersOf } from './reducer';
import { nextRevision, withRevision } from './revised';

type Detail = SessionDetailDto;

const withSet = (detail: Detail, { params, body, reply, deviceId, deviceSeq }: StoredOf<'logSet'>): Detail => {
  if (params.sessionId !== detail.session.id) return detail;
  const known = { rows: detail.sets, gone: detail.gone ?? [] };
  const unsent = (): SetRecordDto => ({
    ...body,
    id: params.setId,
    sessionId: params.sessionId,
    externalKg: externalKgOf(body.implements),
    bodyMassKg: null,
    deviceId,
    deviceSeq,
    receivedAt: null,
    revision: nextRevision(known, params.setId),
  });
  const { rows, gone } = withRevision(known, reply ?? unsent());
  return { ...detail, sets: currentSets(rows), gone };
};

const withRecord = (detail: Detail, { params, body, reply, deviceId, deviceSeq }: StoredOf<'saveSessionRecord'>): Detail => {
  if (params.sessionId !== detail.session.id) return detail;
  const known = { rows: detail.records, gone: detail.gone ?? [] };
  const { sessionId, recordId: id } = params;
  const revision = nextRevision(known, id);
  const unsent = (): SessionRecordDto => ({ ...body, id, sessionId, revision, receivedAt: null, deviceId, deviceSeq });
  const { rows, gone } = withRevision(known, reply ?? unsent());
  return { ...detail, records: currentSessionRecords(rows), gone };
};

/** Ended once, a session stays so: what comes later was answered with a refusal, or is another phone's. */
const ended = (
  detail: Detail,
  { params, reply }: Pick<StoredOf<'finishSession' | 'discardSession'>, 'params' | 'reply'>,
  how: Partial<SessionDto>,
): Detail => {
  if (params.sessionId !== detail.session.id || detail.session.state !== 'live') return detail;
  return { ...detail, session: reply ?? { ...detail.session, ...how } };
};

/** What this device's writes make of a session. Its start makes one where none was read (`begun`). */
export const sessionReducers: ReducersOf<'getSession'> = {
  logSet: withSet,
  saveSessionRecord: withRecord,
  finishSession: (detail, write) => {
    const { finishedAt, effort, note } = write.body;
    return ended(detail, write, { state: 'finished', finishedAt, effort, note });
  },
  discardSession: (detail, write) => ended(detail, write, { state: 'discarded' }),
};
