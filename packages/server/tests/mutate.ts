/** A place inside a JSON value. */
export type Path = readonly (string | number)[];

/** Every leaf of a JSON value with where it stands. */
export const leavesOf = (value: unknown, at: Path = []): { path: Path; value: unknown }[] => {
  if (value === null || typeof value !== 'object') return [{ path: at, value }];
  const inner = Object.entries(value).flatMap(([key, child]) =>
    leavesOf(child, [...at, Array.isArray(value) ? Number(key) : key]),
  );
  return inner.length > 0 ? inner : [{ path: at, value }];
};

/** A copy of a JSON value with one place replaced. */
export const replaced = <T>(value: T, path: Path, by: unknown): T => {
  const copy = structuredClone(value) as Record<string | number, unknown>;
  let at = copy;
  for (const key of path.slice(0, -1)) at = at[key] as Record<string | number, unknown>;
  const last = path.at(-1);
  if (last === undefined) return by as T;
  at[last] = by;
  return copy as T;
};

/** Values no field of this kind accepts: a wrong type, and for numbers both far ends. */
export const badValuesFor = (value: unknown): unknown[] => {
  if (typeof value === 'number') return ['seven', -1, 1e12, true];
  if (typeof value === 'string') return [7, 'x'.repeat(5_000), null];
  if (typeof value === 'boolean') return ['yes', 1];
  return [{ not: 'expected' }];
};
