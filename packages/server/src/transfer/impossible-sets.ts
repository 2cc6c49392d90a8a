import type { Bundle } from '@drubo/contracts/bundle';
import { doubtsOf } from '@drubo/core';
import type { Doubt } from '@drubo/core';
import { builtInCatalogue, findVariation, mustBeLoaded } from '@drubo/core/catalogue';
import type { FieldProblem } from '../shared/errors';

const WORDS: Record<Doubt, { field: string; message: string }> = {
  reps: { field: 'reps', message: 'must lie between 0 and 100 reps' },
  seconds: { field: 'seconds', message: 'must lie between 0 and 3600 s' },
  reserve: { field: 'reserve', message: 'must lie between 0 and 10 in reserve' },
  load: { field: 'externalKg', message: 'must be a load this movement can be done with' },
  pain: { field: 'jointPain', message: 'must lie between 0 and 10' },
};

/**
 * Sets of a file that can't have been done, each field by name: impossible numbers, a revision given twice, a set logged
 * before its session began. From a phone's queue such sets are kept and marked; from a file nothing waits to be lost.
 */
export const impossibleSets = ({ sets, sessions, sheets, movements }: Bundle): FieldProblem[] => {
  const startedAt = new Map(sessions.map((session) => [session.id, session.startedAt]));
  const variationOf = new Map(sheets.flatMap((sheet) => sheet.items.map((item) => [item.id, item.variationId])));
  const basedOn = new Map(movements.map((movement) => [movement.id, movement.basedOn]));
  const seen = new Set<string>();
  return sets.flatMap((set, at): FieldProblem[] => {
    const path = `bundle.sets.${at}`;
    const variationId = variationOf.get(set.itemId) ?? '';
    const variation = findVariation(builtInCatalogue, basedOn.get(variationId) ?? variationId);
    const key = `${set.id}@${set.revision}`;
    const isRepeated = seen.has(key);
    seen.add(key);
    const began = startedAt.get(set.sessionId);
    return [
      ...doubtsOf(set, variation !== undefined && mustBeLoaded(variation)).map((doubt) => ({
        path: `${path}.${WORDS[doubt].field}`,
        message: WORDS[doubt].message,
      })),
      ...(isRepeated ? [{ path: `${path}.revision`, message: 'is in the file twice' }] : []),
      ...(began !== undefined && set.revision === 1 && set.loggedAt < began
        ? [{ path: `${path}.loggedAt`, message: 'lies before its session began' }]
        : []),
    ];
  });
};
