import { activity } from '../db/queries/commands';
import type { Operation } from '../shared/work';

/** How far back the list goes. House default. */
const LINES = 200;

export const getActivity: Operation<'getActivity'> = async ({ scope }) => {
  return activity(scope, LINES);
};
