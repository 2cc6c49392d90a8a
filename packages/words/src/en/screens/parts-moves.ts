import { counted } from '../counted';

/** What parts-moves says. */
export const partsMovesWords = {
  leverPanel: {
    settings: 'Settings',
    asUsual: 'As usual',
    allSettingsBackTo: 'All settings back to usual',
    settingNow: (label: string, now: string) => `Setting ${label}, now ${now}`,
    sideBySideNone: ' Side by side: none is harder.',
    not: (leverValue: string, why: string) => `Not ${leverValue}: ${why}`,
  },
  moveRow: {
    for: (kit: string, kit2: string) => `${kit} for ${kit2}`,
  },
  settingOf: {
    held: (words: string) => `held ${words}`,
  },
  standingWords: {
    mayStayForGood: 'May stay for good: nothing has to be earned.',
    clean: (sets: number, reps: number) => `${sets} × ${reps} clean`,
    s: (sets: number, seconds: number) => `${sets} × ${seconds} s`,
    at: (mass: string) => ` at ${mass}`,
    lastTimeOfSet: (sets: number, sets2: number) => ` Last time ${sets} of ${counted(sets2, 'set')}.`,
    inSessionEarnsThe: (what: string, load: string, sessions: number, shown: number, soFar: string) =>
      `${what}${load} in ${counted(sessions, 'session')} earns the next: ${shown} shown.${soFar}`,
    placedByHand: (day: string, why: string) => `Placed by hand ${day}${why}`,
    byAKnownLift: (day: string) => `By a known lift, put down ${day}.`,
    byAnEarlierReview: 'By an earlier review.',
    byTheReviewOf: (day: string) => `By the review of ${day}.`,
    sWithSeconds: (seconds: number) => `${seconds} s`,
    reps: ' reps',
    ofSetsCount: (sets: number, sets2: number) => `${sets} of ${sets2} sets count`,
  },
  limitMark: {
    suitsThisLimit: 'Suits this limit',
    withCare: 'With care',
    locked: 'Locked',
  },
};
