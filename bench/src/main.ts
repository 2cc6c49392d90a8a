import { benchFirstLoad } from './first-load';
import { benchLogASet } from './log-a-set';
import { benchPosture } from './posture';

/** Every measurement of one run, one under the other. */
const main = async (): Promise<void> => {
  for (const line of benchPosture()) console.log(line);
  for (const line of await benchFirstLoad(process.env['E2E_WEB'] ?? '')) console.log(line);
  for (const line of await benchLogASet()) console.log(line);
};

void main();
