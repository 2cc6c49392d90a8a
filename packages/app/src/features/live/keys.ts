/** The keys of the live screen, as the list of them says. */
export const LIVE_KEYS: readonly (readonly [string, string])[] = [
  ['Enter', 'logs'],
  ['+ −', 'reps'],
  ['0 to 5', 'reserve'],
  ['Space', 'skips the rest'],
  ['x', 'first fault'],
];
