import { readFloor } from '../pages/read-person';
import { localDateOf } from '../shared/local-date';
import type { Operation } from '../shared/work';
import { fitWaiting } from '../sheet/fit-waiting';

export const getFloor: Operation<'getFloor'> = async (work, { query }) => {
  const { scope, context, caller } = work;
  const date = query.date ?? localDateOf(context.clock.now(), caller.timeZone);
  const booked = await scope.all('bookings', { date, cancelled: false });
  await fitWaiting(
    work,
    booked.map(({ personId }) => personId),
  );
  return readFloor(scope, context, date);
};
