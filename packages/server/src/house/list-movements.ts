import type { Operation } from '../shared/work';
import { currentMovements } from '../studio/movements';

export const listMovements: Operation<'listMovements'> = async ({ scope }) => {
  return currentMovements(scope);
};
