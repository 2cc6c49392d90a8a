import { COVERED_HEADER, EPOCH_HEADER, SERVER_TIME_HEADER } from '@drubo/contracts';
import type { Response } from 'express';
import type { Context } from '../context';

/**
 * What a phone has to know to let go of what it sent: which life of the server this is, its time, and until when everything it
 * received is in a copy. To be called once the work is done: the time must not lie before what was written.
 */
export const tellKeeping = ({ db, keeper }: Context, response: Response): void => {
  response.setHeader(EPOCH_HEADER, db.epoch);
  response.setHeader(SERVER_TIME_HEADER, new Date().toISOString());
  const covered = keeper.coveredUntil();
  if (covered) response.setHeader(COVERED_HEADER, covered.toISOString());
};
