import { statfsSync } from 'node:fs';
import { dirname } from 'node:path';

/** Room left on the disk a file lies on, for whoever runs the server. */
export const freeBytes = (file: string): number => {
  const { bavail, bsize } = statfsSync(dirname(file));
  return bavail * bsize;
};
