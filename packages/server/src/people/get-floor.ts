import { readFloor } from '../pages/read-person';
import { localDateOf } from '../shared/local-date';
import type { Operation } from '../shared/work';

export const getFloor: Operation<'getFloor'> = (work, { query }) =>
  readFloor(work, query.date ?? localDateOf(work.context.clock.now(), work.caller.timeZone));
