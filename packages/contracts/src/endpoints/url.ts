/**
 * The path of a call with its ids filled in and its query appended; undefined query values are left out.
 * @example urlFor('/api/people/:personId', { personId: 'p-1234567' }) // '/api/people/p-1234567'
 */
export const urlFor = (
  path: string,
  params: Record<string, string> = {},
  query: Record<string, string | undefined> = {},
): string => {
  const filled = path.replace(/:([A-Za-z]+)/g, (_, name: string) => {
    const value = params[name];
    if (value === undefined) throw new Error(`urlFor: ${path} needs "${name}"`);
    return encodeURIComponent(value);
  });
  const search = new URLSearchParams(
    Object.entries(query).filter((entry): entry is [string, string] => entry[1] !== undefined),
  ).toString();
  return search ? `${filled}?${search}` : filled;
};
