import { counted } from '../counted';

/** What frame says. */
export const frameWords = {
  gate: {
    theStudio: 'the studio',
  },
  brokenScreen: {
    cantBeShown: 'Can’t be shown',
    reloadToGoOn: 'Reload to go on',
    safeAndWhy: (why: string) =>
      `Drubo may have been updated while this stood open. What you logged is safe on this device.${why ? ` (${why})` : ''}`,
    reload: 'Reload',
    tryAgain: 'Try again',
  },
  keyList: {
    onTheWeeks: 'On the weeks',
    onTheLiveFloor: 'On the live floor',
    onASheet: 'On a sheet',
    places: 'Places',
    keys: 'Keys',
  },
  notFoundScreen: {
    nothingHere: 'Nothing here',
    thereIsNothingAt: 'There is nothing at this address',
    itMayBeAn: 'It may be an old link, or somebody who was erased.',
    goToTheFloor: 'Go to the floor',
  },
  placeBar: {
    places: 'Places',
    drubo: 'Drubo',
  },
  queueMark: {
    toSend: (waiting: number) => `${waiting} to send`,
    needsYou: (needsYou: number) => `${counted(needsYou, 'needs', 'need')} you`,
  },
  screen: {
    back: 'Back',
  },
  storageProblem: {
    thisBrowserKeepsNothing: (problem: string) =>
      `This browser keeps nothing on this device (${problem}), so nothing can be logged safely here. Leave the private window, free some space, or use another browser.`,
  },
  updatePrompt: {
    aNewerDruboIs: 'A newer Drubo is ready. What you logged is safe.',
    useItNow: 'Use it now',
  },
  keyLists: {
    dayBeforeOrAfter: 'Day before or after',
    weekBeforeOrAfter: 'Week before or after',
    altAnyArrow: 'Alt ← → ↑ ↓',
    moveTheDay: 'Move the day by a day or a week',
    openTheDay: 'Open the day',
    reserve: 'reserve',
    reps: 'reps',
    logs: 'logs',
    lineAboveOrBelow: 'Line above or below',
    changeTheLine: 'Change the line',
    whyItsLoad: 'Why its load',
    alt: 'Alt ↑ ↓',
    moveTheLine: 'Move the line',
    inTurnWithThe: 'In turn with the next, or by itself',
    delete: 'Delete',
    takeTheLineOff: 'Take the line off',
    ctrlZ: 'Ctrl Z',
    ctrlShiftZ: 'Ctrl Shift Z',
    redo: 'Redo',
    enter: 'Enter',
    n0To5: '0 to 5',
    space: 'Space',
    skipsTheRest: 'skips the rest',
    firstFault: 'first fault',
  },
  usePlaceKeys: {
    search: 'Search',
    floor: 'Floor',
    people: 'People',
    moves: 'Moves',
    studio: 'Studio',
    somebodyNew: 'Somebody new',
    thisList: 'This list',
  },
};
