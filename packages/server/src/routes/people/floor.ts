import type { Handler } from '../../http/handler';
import { localDateOf } from '../../shared/local-date';
import { readFloor } from '../../pages/read-person';

export const getFloor: Handler<'getFloor'> = ({ query, caller }, context) =>
  readFloor(context.db.read(caller.studioId), query.date ?? localDateOf(context.clock.now(), caller.timeZone));
