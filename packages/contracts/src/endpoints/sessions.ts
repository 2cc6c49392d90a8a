import { z } from 'zod';
import { SESSION_ENTRIES } from '@drubo/core/vocabulary';
import { command, id, instant, personId, recordId, sessionId, setId, sheetId, text } from '../dto/basics';
import { choice, review, session, sessionDetail } from '../dto/session';
import { sessionRecord, sessionRecordFields } from '../dto/session-record';
import { setFields, setRecord } from '../dto/set';
import { exerciseTrend, sessionHistory, trends } from '../dto/trends';
import { defineEndpoint } from './define';

/** How far back, in weeks; left out: half a year. */
const trendQuery = z.strictObject({ weeks: z.enum(['8', '26', '52', '260']).optional() });

const sessionParams = z.strictObject({ sessionId });

export const sessionEndpoints = {
  startSession: defineEndpoint({
    id: 'startSession',
    method: 'PUT',
    path: '/api/sessions/:sessionId',
    summary: 'Start the session of a sheet; starting it twice joins it',
    target: 'creates',
    params: sessionParams,
    body: z.strictObject({
      command,
      sheetId,
      startedAt: instant,
      /** Left out: live. */
      entry: z.enum(SESSION_ENTRIES).optional(),
      /** Whose session, where it is started without a plan and its sheet begins empty. */
      unplannedFor: id.optional(),
      /** What changed since the sheet was agreed and is taken; what safety asks for needs no taking. */
      taken: z.array(z.string().max(120)).max(60).optional(),
    }),
    reply: sessionDetail,
    errors: ['not-found', 'erased', 'session-not-live', 'sheet-for-later'],
  }),
  getSession: defineEndpoint({
    id: 'getSession',
    method: 'GET',
    path: '/api/sessions/:sessionId',
    summary: 'A session with its sheet and its sets',
    target: 'needs-existing',
    params: sessionParams,
    reply: sessionDetail,
    errors: ['not-found', 'erased'],
  }),
  logSet: defineEndpoint({
    id: 'logSet',
    method: 'PUT',
    path: '/api/sessions/:sessionId/sets/:setId',
    summary: 'Log a set, or amend it: a new revision, the old one kept',
    target: 'needs-existing',
    params: z.strictObject({ sessionId, setId }),
    body: z.strictObject({ command, ...setFields }),
    reply: setRecord,
    errors: ['not-found', 'erased', 'session-not-live'],
  }),
  saveSessionRecord: defineEndpoint({
    id: 'saveSessionRecord',
    method: 'PUT',
    path: '/api/sessions/:sessionId/records/:recordId',
    summary: 'Keep something about a session beside its sets: a change of the day, the check-in, a note, what is said afterwards',
    target: 'creates',
    params: z.strictObject({ sessionId, recordId }),
    body: z.strictObject({ command, madeAt: instant, removed: z.boolean(), fields: sessionRecordFields }),
    reply: sessionRecord,
    errors: ['not-found', 'erased', 'session-not-live', 'invalid-input'],
  }),
  getSessionHistory: defineEndpoint({
    id: 'getSessionHistory',
    method: 'GET',
    path: '/api/sessions/:sessionId/history',
    summary: 'Everything of one session: every revision of every set and record, and what was decided',
    target: 'needs-existing',
    params: sessionParams,
    reply: sessionHistory,
    errors: ['not-found', 'erased'],
  }),
  getTrends: defineEndpoint({
    id: 'getTrends',
    method: 'GET',
    path: '/api/people/:personId/trends',
    summary: 'A person week by week, and which movements have a history',
    target: 'needs-existing',
    params: z.strictObject({ personId }),
    query: trendQuery,
    reply: trends,
    errors: ['not-found', 'erased'],
  }),
  getExerciseTrend: defineEndpoint({
    id: 'getExerciseTrend',
    method: 'GET',
    path: '/api/people/:personId/trends/:variationId',
    summary: 'One movement of a person session by session, with its estimate, verdicts and stages',
    target: 'needs-existing',
    params: z.strictObject({
      personId,
      variationId: z.string().regex(/^[A-Za-z0-9-]{2,80}$/, 'must be the id of a movement'),
    }),
    query: trendQuery,
    reply: exerciseTrend,
    errors: ['not-found', 'erased'],
  }),
  finishSession: defineEndpoint({
    id: 'finishSession',
    method: 'PUT',
    path: '/api/sessions/:sessionId/finished',
    summary: 'Finish a session',
    target: 'needs-existing',
    params: sessionParams,
    body: z.strictObject({
      command,
      finishedAt: instant,
      effort: z.int().min(0).max(10).nullable(),
      note: text(2000),
    }),
    reply: session,
    errors: ['not-found', 'erased', 'session-not-live'],
  }),
  discardSession: defineEndpoint({
    id: 'discardSession',
    method: 'PUT',
    path: '/api/sessions/:sessionId/discarded',
    summary: 'Discard a running session; its sheet can be started again',
    target: 'needs-existing',
    params: sessionParams,
    body: z.strictObject({ command }),
    reply: session,
    errors: ['not-found', 'erased', 'session-not-live'],
  }),
  getReview: defineEndpoint({
    id: 'getReview',
    method: 'GET',
    path: '/api/sessions/:sessionId/review',
    summary: 'A verdict per exercise, with what it rests on',
    target: 'needs-existing',
    params: sessionParams,
    reply: review,
    errors: ['not-found', 'erased', 'session-not-finished'],
  }),
  acceptReview: defineEndpoint({
    id: 'acceptReview',
    method: 'PUT',
    path: '/api/sessions/:sessionId/review',
    summary: 'Settle the verdicts, accepted or edited; the next sheet exists with them',
    target: 'needs-existing',
    params: sessionParams,
    /** Exercises that are neither chosen nor postponed are taken as proposed. */
    body: z.strictObject({ command, choices: z.array(choice).max(30), postponed: z.array(id).max(30).optional() }),
    reply: review,
    errors: ['not-found', 'erased', 'session-not-finished', 'already-reviewed'],
  }),
};
