import { readStudio } from './read-studio';
import type { Operation } from '../shared/work';

export const getStudio: Operation<'getStudio'> = async ({ scope }) => {
  return readStudio(scope);
};
