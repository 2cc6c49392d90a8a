import { findPersonFile } from '../person/person-file';
import type { Operation } from '../shared/work';
import { readExerciseTrend } from './read-exercise-trend';

export const getExerciseTrend: Operation<'getExerciseTrend'> = async ({ scope, context, caller }, { params, query }) => {
  return readExerciseTrend(
    scope,
    context,
    caller,
    await findPersonFile(scope, context, params.personId),
    params.variationId,
    query.weeks,
  );
};
