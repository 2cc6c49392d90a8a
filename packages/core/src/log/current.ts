import type { SetRecord } from './types';

/** The newest revision of each set that was not undone, in the order they were done (item order is the caller's). */
export const currentSets = <S extends Pick<SetRecord, 'id' | 'revision' | 'setIndex' | 'side' | 'removed'>>(
  revisions: readonly S[],
): S[] => {
  const newest = new Map<string, S>();
  for (const set of revisions) {
    const held = newest.get(set.id);
    if (!held || set.revision >= held.revision) newest.set(set.id, set);
  }
  return [...newest.values()]
    .filter((set) => !set.removed)
    .sort((a, b) => a.setIndex - b.setIndex || a.side.localeCompare(b.side));
};
