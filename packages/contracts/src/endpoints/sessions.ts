import { z } from 'zod';
import { command, id, instant, text } from '../dto/basics';
import { choice, review, session, sessionDetail } from '../dto/session';
import { setFields, setRecord } from '../dto/set';
import { defineEndpoint } from './define';

const sessionParams = z.strictObject({ sessionId: id });

export const sessionEndpoints = {
  startSession: defineEndpoint({
    id: 'startSession',
    method: 'PUT',
    path: '/api/sessions/:sessionId',
    summary: 'Start the session of a sheet; starting it twice joins it',
    target: 'creates',
    params: sessionParams,
    body: z.strictObject({ command, sheetId: id, startedAt: instant }),
    reply: sessionDetail,
    errors: ['not-found', 'erased', 'session-not-live'],
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
    params: z.strictObject({ sessionId: id, setId: id }),
    body: z.strictObject({ command, ...setFields }),
    reply: setRecord,
    errors: ['not-found', 'erased', 'session-not-live'],
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
    body: z.strictObject({ command, choices: z.array(choice).max(30) }),
    reply: review,
    errors: ['not-found', 'erased', 'session-not-finished', 'already-reviewed'],
  }),
};
