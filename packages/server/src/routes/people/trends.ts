import type { Handler } from '../../http/handler';
import { findPerson } from '../../shared/find';
import { readExerciseTrend } from '../../trends/read-exercise-trend';
import { readTrends } from '../../trends/read-trends';

export const getTrends: Handler<'getTrends'> = async ({ params, query, caller }, context) => {
  const scope = context.db.read(caller.studioId);
  return readTrends(scope, context, caller, await findPerson(scope, params.personId), query.weeks);
};

export const getExerciseTrend: Handler<'getExerciseTrend'> = async ({ params, query, caller }, context) => {
  const scope = context.db.read(caller.studioId);
  return readExerciseTrend(scope, context, caller, await findPerson(scope, params.personId), params.variationId, query.weeks);
};
