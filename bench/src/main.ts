import { benchAdvice } from './advice';
import { benchCompose } from './compose';
import { benchFirstLoad } from './first-load';
import { benchHistory } from './history';
import { benchKeeping } from './keeping';
import { benchLive } from './live';
import { benchLogASet } from './log-a-set';
import { benchMonths, printMonths } from './months';
import { benchPosture } from './posture';
import { benchStrength } from './strength';

/** `-- --seed 7 --people 1000`: which simulated people, and how many. */
const numberFrom = (name: string, usual: number): number => {
  const at = process.argv.indexOf(`--${name}`);
  if (at < 0) return usual;
  const value = Number(process.argv[at + 1]);
  if (!Number.isInteger(value) || value < 1) throw new Error(`--${name} needs a whole number from 1 up`);
  return value;
};

/** Every measurement of one run, one under the other; `--only strength` leaves the others out. */
const main = async (): Promise<void> => {
  const only = process.argv.includes('--only') ? process.argv[process.argv.indexOf('--only') + 1] : undefined;
  const wants = (name: string): boolean => only === undefined || only === name;
  if (wants('strength')) for (const line of benchStrength(numberFrom('seed', 1), numberFrom('people', 1000))) console.log(line);
  if (wants('people')) {
    const seed = numberFrom('seed', 1);
    const print = process.argv.includes('--print') ? numberFrom('print', 1) : null;
    const isPlanned = !process.argv.includes('--by-sheet');
    const lines = print === null ? benchMonths(seed, numberFrom('people', 100), isPlanned) : printMonths(seed, print, isPlanned);
    for (const line of lines) console.log(line);
  }
  if (wants('advice')) for (const line of benchAdvice()) console.log(line);
  if (wants('posture')) for (const line of benchPosture()) console.log(line);
  if (wants('compose')) for (const line of benchCompose(numberFrom('seed', 1), numberFrom('people', 2000))) console.log(line);
  if (wants('first-load')) for (const line of await benchFirstLoad(process.env['E2E_WEB'] ?? '')) console.log(line);
  if (wants('live')) for (const line of await benchLive()) console.log(line);
  if (wants('history')) for (const line of await benchHistory()) console.log(line);
  if (wants('keeping')) for (const line of await benchKeeping()) console.log(line);
  if (wants('log')) for (const line of await benchLogASet()) console.log(line);
};

void main();
