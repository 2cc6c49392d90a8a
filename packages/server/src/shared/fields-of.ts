import type { z } from 'zod';
import type { FieldProblem } from './errors';

/** Zod's issues as fields with their full path and a reason. */
export const fieldsOf = (error: z.ZodError, root: string): FieldProblem[] =>
  error.issues.flatMap((issue): FieldProblem[] => {
    const path = [root, ...issue.path].join('.');
    return issue.code === 'unrecognized_keys'
      ? issue.keys.map((key) => ({ path: `${path}.${key}`, message: 'is not a field here' }))
      : [{ path, message: issue.message }];
  });
