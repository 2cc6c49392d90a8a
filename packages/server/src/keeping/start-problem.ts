/** What can stand against starting, each with the exit code a script may tell it by. */
export const EXIT_CODES = {
  'bad-setting': 2,
  'port-in-use': 3,
  'newer-database': 4,
  damaged: 5,
  'not-writable': 6,
  'no-room': 7,
  'in-use': 8,
  missing: 9,
  'migration-failed': 10,
  'bad-file': 11,
  'disk-failed': 12,
} as const;

export type StartProblemKind = keyof typeof EXIT_CODES;

/** Why the server (or what keeps its data) can't go on: what happened, what is safe, what to do, in that order. */
export class StartProblem extends Error {
  constructor(
    readonly kind: StartProblemKind,
    message: string,
  ) {
    super(message);
  }

  get exitCode(): number {
    return EXIT_CODES[this.kind];
  }
}
