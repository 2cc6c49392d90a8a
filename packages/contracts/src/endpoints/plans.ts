import { z } from 'zod';
import { command, id, personId, sheetId, version } from '../dto/basics';
import { personPlan, planLine, planWish, weekdayPlaces, weekdays } from '../dto/plan';
import { sheet } from '../dto/sheet';
import { defineEndpoint } from './define';

const personParams = z.strictObject({ personId });

/** What is done to a plan as it stands at a version. */
const OF_A_VERSION = {
  method: 'POST',
  target: 'needs-existing',
  params: personParams,
  body: z.strictObject({ command, version }),
  reply: personPlan,
  errors: ['not-found', 'erased', 'stale-version'],
} as const;

export const planEndpoints = {
  beginPlan: defineEndpoint({
    id: 'beginPlan',
    method: 'PUT',
    path: '/api/people/:personId/blocks/:blockId',
    summary: 'Plan a block of weeks: the next sheet is then made for one of its days',
    target: 'creates',
    params: z.strictObject({ personId, blockId: id }),
    body: z.strictObject({ command, version, wish: planWish }),
    reply: personPlan,
    errors: ['not-found', 'erased', 'person-archived', 'person-held', 'stale-version', 'id-in-use', 'invalid-input'],
  }),
  changePlan: defineEndpoint({
    id: 'changePlan',
    method: 'POST',
    path: '/api/people/:personId/plan/lines',
    summary: 'Take or leave what follows from what happened to a plan: days moved, left out, elsewhere, weeks later or lighter',
    target: 'needs-existing',
    params: personParams,
    body: z.strictObject({
      command,
      version,
      blockId: id,
      lines: z.array(planLine).max(80, 'at most 80 lines'),
      /** Names of lines that were left. */
      left: z.array(z.string().max(40)).max(80, 'at most 80 lines'),
      /** The days of the week from now on; left out: as before. */
      weekdays: weekdays.optional(),
      /** Days of the week that are always elsewhere from now on; left out: as before. */
      places: weekdayPlaces.optional(),
    }),
    reply: personPlan,
    errors: ['not-found', 'erased', 'stale-version', 'invalid-input'],
  }),
  undoPlan: defineEndpoint({
    ...OF_A_VERSION,
    id: 'undoPlan',
    path: '/api/people/:personId/plan/undo',
    summary: 'Take back the last change of a plan, or the plan itself',
  }),
  endPlan: defineEndpoint({
    ...OF_A_VERSION,
    id: 'endPlan',
    path: '/api/people/:personId/plan/end',
    summary: 'Go on without a plan: sheets are then made one after another',
  }),
  keepPlanDay: defineEndpoint({
    id: 'keepPlanDay',
    method: 'PUT',
    path: '/api/people/:personId/plan/days/:sheetId',
    summary: 'Make the sheet of a further day of a plan and keep it for that day, to be changed',
    target: 'creates',
    params: z.strictObject({ personId, sheetId }),
    body: z.strictObject({ command, dayId: z.string().max(10) }),
    reply: sheet,
    errors: ['not-found', 'erased', 'id-in-use', 'invalid-input'],
  }),
};
