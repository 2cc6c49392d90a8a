import { counted } from '../counted';

/** What parts-sessions says. */
export const partsSessionsWords = {
  moreStarts: {
    otherWaysToStart: (name: string) => `Other ways to start with ${name}`,
  },
  sessionLine: {
    setCount: (setsDone: number) => counted(setsDone, 'set'),
    fromPaper: 'from paper',
    effortOf10: (effort: number) => `effort ${effort} of 10`,
  },
  startDialog: {
    dateAndTimeMust: 'Date and time must be filled in',
    dateLiesInThe: 'Date lies in the future',
    dateLiesMoreThan: (days_back: number) => `Date lies more than ${counted(days_back, 'day')} back`,
    now: 'Now',
    beginsEmptyAddWhat: 'Begins empty; add what you do. The waiting sheet stays for another day.',
    startWithoutASheet: 'Start without a sheet',
    fromPaper: 'From paper',
    date: 'Date',
    beganAt: 'Began at',
    theSheetAsWritten: 'The sheet, as written down',
    somethingElseThanThe: 'Something else than the sheet',
  },
};
