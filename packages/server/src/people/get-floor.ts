import { readFloor } from '../pages/read-person';
import { localDateOf } from '../shared/local-date';
import type { Operation } from '../shared/work';

export const getFloor: Operation<'getFloor'> = async ({ scope, context, caller }, { query }) => {
  return readFloor(scope, context, query.date ?? localDateOf(context.clock.now(), caller.timeZone));
};
