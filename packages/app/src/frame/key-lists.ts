/** What a key is, and what it does. */
type Keys = readonly (readonly [string, string])[];

/** The keys of a sheet, as the list of them says. */
export const SHEET_KEYS: Keys = [
  ['↑ ↓', 'Line above or below'],
  ['E', 'Change the line'],
  ['W', 'Why its load'],
  ['Alt ↑ ↓', 'Move the line'],
  ['P', 'In turn with the next, or by itself'],
  ['Delete', 'Take the line off'],
  ['A', 'Add an exercise'],
  ['Ctrl Z', 'Undo'],
  ['Ctrl Shift Z', 'Redo'],
];

/** The keys of the live screen. */
export const LIVE_KEYS: Keys = [
  ['Enter', 'logs'],
  ['+ −', 'reps'],
  ['0 to 5', 'reserve'],
  ['Space', 'skips the rest'],
  ['x', 'first fault'],
];
