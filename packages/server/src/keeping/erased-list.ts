import { chmodSync, existsSync, mkdirSync, readFileSync, renameSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { z } from 'zod';
import { StartProblem } from './start-problem';

/** Somebody who was erased: ids and the moment, nothing else. */
const grave = z.object({ studioId: z.string().min(1), id: z.string().min(1), erasedAt: z.iso.datetime() });
export type Grave = z.infer<typeof grave>;

/** What the list is called in a folder of copies. */
export const ERASED_NAME = 'erased.json';

const keyOf = ({ studioId, id }: Grave): string => `${studioId} ${id}`;

/** Who stands on a list; nobody where there is none. Throws where it can't be read: bringing a copy back without it would undo an erasure. */
export const readErased = (file: string): Grave[] => {
  if (!existsSync(file)) return [];
  try {
    return z.array(grave).parse(JSON.parse(readFileSync(file, 'utf8')));
  } catch (error) {
    throw new StartProblem(
      'damaged',
      `The list of who was erased (${file}) can’t be read: ${error instanceof Error ? error.message : 'no reason given'}. Nothing was changed. Put a good copy of it there; without it, erased people could come back.`,
    );
  }
};

/** Each once, as it was last erased: health notes may be, more than once. */
const latest = (graves: readonly Grave[]): Grave[] => [
  ...new Map([...graves].sort((a, b) => a.erasedAt.localeCompare(b.erasedAt)).map((one) => [keyOf(one), one])).values(),
];

/** Adds to a list what is not on it yet, all of it or nothing. */
export const addErased = (file: string, graves: readonly Grave[]): void => {
  const before = readErased(file);
  const isNew = ({ erasedAt, ...grave }: Grave): boolean =>
    !before.some((one) => keyOf(one) === keyOf({ ...grave, erasedAt }) && one.erasedAt >= erasedAt);
  if (!graves.some(isNew)) return;
  const all = latest([...before, ...graves]);
  mkdirSync(dirname(file), { recursive: true, mode: 0o700 });
  const unfinished = `${file}.part`;
  writeFileSync(
    unfinished,
    `${JSON.stringify(
      all.map(({ studioId, id, erasedAt }) => ({ studioId, id, erasedAt })),
      null,
      1,
    )}\n`,
  );
  chmodSync(unfinished, 0o600);
  renameSync(unfinished, file);
};

/** Everybody on any of the lists. */
export const erasedOn = (files: readonly string[]): Grave[] => latest(files.flatMap(readErased));

export const erasedBeside = (copy: string): string => join(dirname(copy), ERASED_NAME);
