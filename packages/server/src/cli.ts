import { createInterface } from 'node:readline/promises';
import { mkdirSync } from 'node:fs';
import { resolve } from 'node:path';
import { readConfig } from './config/config';
import { inspect } from './keeping/inspect';
import { backUp } from './keeping/backups';
import { addErased, ERASED_NAME, readErased } from './keeping/erased-list';
import { placesOf } from './keeping/places';
import { resetPassword } from './keeping/reset-password';
import { restore } from './keeping/restore';
import { StartProblem } from './keeping/start-problem';

/** What is done to a studio's data from a terminal: copy it, bring a copy back, set a password anew. */
const [task, ...args] = process.argv.slice(2);

const wrongUse = (how: string): StartProblem => new StartProblem('bad-setting', `${how} Nothing was changed.`);

/** Asks at the terminal. `isSecret`: what is typed is not shown. */
const ask = async (question: string, isSecret = false): Promise<string> => {
  const { stdin, stdout } = process;
  const lines = createInterface({ input: stdin, output: isSecret ? undefined : stdout, terminal: false });
  if (isSecret) stdout.write(question);
  const answer = await lines.question(isSecret ? '' : question);
  lines.close();
  if (isSecret) stdout.write('\n');
  return answer;
};

const makeBackup = async (database: string, to: string | undefined): Promise<void> => {
  if ((await inspect(database)).is === 'absent') throw wrongUse(`There is no database ${database} to copy.`);
  const places = placesOf(database);
  const folder = to ? resolve(to) : places.backups;
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  const made = await backUp(database, folder);
  addErased(resolve(folder, ERASED_NAME), readErased(places.erased));
  console.log(`Copied to ${made.file} (${Math.ceil(made.bytes / 1024)} kB) and looked through: it is whole.`);
};

const bringBack = async (database: string, file: string | undefined, isSure: boolean): Promise<void> => {
  if (!file) throw wrongUse('Name the copy to bring back: npm run restore FILE.');
  if (!isSure) {
    const answer = await ask(`Replace ${database} by ${file}? What is there is kept aside. Type yes: `);
    if (answer.trim().toLowerCase() !== 'yes') throw wrongUse('Not restored.');
  }
  const { keptIn, people, erasedAgain, trainers } = await restore(resolve(file), database, new Date());
  console.log(`${people} people are back. Everybody signs in again, with the password of then.`);
  if (erasedAgain > 0) console.log(`${erasedAgain} who were erased since were erased again.`);
  if (keptIn) console.log(`What was there before lies in ${keptIn}; take it away once all is well.`);
  const without = trainers.filter(({ hasPassword }) => !hasPassword).map(({ loginName }) => loginName);
  if (without.length > 0) console.log(`Without a password yet: ${without.join(', ')}. Set one: npm run password -- NAME`);
};

const setPassword = async (database: string, loginName: string | undefined): Promise<void> => {
  if (!loginName) throw wrongUse('Name who signs in: npm run password -- NAME.');
  const password = await ask(`New password for ${loginName}: `, true);
  await resetPassword(database, loginName, password);
  console.log(`The password of ${loginName} is set. Every device has to sign in again.`);
};

const main = async (): Promise<void> => {
  process.umask(0o077);
  const { databaseFile } = readConfig(process.env, `${process.cwd()}/.drubo`);
  const isSure = args.includes('--yes');
  const [first] = args.filter((arg) => arg !== '--yes');
  if (task === 'backup') await makeBackup(databaseFile, first);
  else if (task === 'restore') await bringBack(databaseFile, first, isSure);
  else if (task === 'password') await setPassword(databaseFile, first);
  else throw wrongUse(`There is no task ${task ?? ''}: backup, restore or password.`);
};

main().catch((error: unknown) => {
  console.error(error instanceof StartProblem ? error.message : error);
  process.exit(error instanceof StartProblem ? error.exitCode : 1);
});
