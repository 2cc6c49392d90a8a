import type { ErrorCode } from '@drubo/contracts';

/** A bad field: its path in the request and what is wrong with it. */
export interface FieldProblem {
  path: string;
  message: string;
}

/** An expected refusal. Services throw it; only `http/` knows status codes. */
export class AppError extends Error {
  constructor(
    readonly code: ErrorCode,
    message: string,
    readonly fields?: readonly FieldProblem[],
  ) {
    super(message);
  }
}
