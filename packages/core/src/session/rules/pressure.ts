import { pressureBand } from '../../limits';
import { reason } from '../../vocabulary';
import { NOTHING } from '../rule';
import type { CheckRule } from '../rule';

/** Blood pressure measured today: from 180/110 no session; from 160/100 none until cleared. */
export const pressure: CheckRule = {
  id: 'pressure',
  check: ({ pressure: read }) =>
    read === null || pressureBand(read) === 'usual'
      ? NOTHING
      : { stops: [reason('check-pressure', { ...read }, 'common-practice')], proposals: [] },
};
