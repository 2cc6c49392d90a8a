import { common } from '@drubo/words/screens/common';
import { frameWords } from '@drubo/words/screens/frame';

const words = frameWords.keyLists;
/** What a key is, and what it does. */
type Keys = readonly (readonly [string, string])[];

/** The keys of a sheet, as the list of them says. */
export const SHEET_KEYS: Keys = [
  ['↑ ↓', words.lineAboveOrBelow],
  ['E', words.changeTheLine],
  ['W', words.whyItsLoad],
  [words.alt, words.moveTheLine],
  ['P', words.inTurnWithThe],
  [words.delete, words.takeTheLineOff],
  ['A', common.addAnExercise],
  [words.ctrlZ, common.undo],
  [words.ctrlShiftZ, words.redo],
];

/** The keys of somebody's weeks. */
export const WEEKS_KEYS: Keys = [
  ['← →', words.dayBeforeOrAfter],
  ['↑ ↓', words.weekBeforeOrAfter],
  [words.altAnyArrow, words.moveTheDay],
  [words.enter, words.openTheDay],
];

/** The keys of the live screen. */
export const LIVE_KEYS: Keys = [
  [words.enter, words.logs],
  ['+ −', words.reps],
  [words.n0To5, words.reserve],
  [words.space, words.skipsTheRest],
  ['x', words.firstFault],
];
