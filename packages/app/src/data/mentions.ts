/** Whether anything in a value is one of the ids. */
export const mentions = (value: unknown, ids: ReadonlySet<string>): boolean => {
  if (typeof value === 'string') return ids.has(value);
  if (value === null || typeof value !== 'object') return false;
  return Object.values(value).some((inner) => mentions(inner, ids));
};
