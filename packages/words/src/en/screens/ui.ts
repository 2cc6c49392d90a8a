/** What ui says. */
export const uiWords = {
  confirm: {
    keep: 'Keep',
  },
  notchRail: {
    easyToHard: (label: string) => `${label}, easy to hard`,
    easier: 'easier',
    harder: 'harder',
  },
  scale: {
    notAsked: ': not asked',
    of10: (value: number) => `: ${value} of 10`,
    of10WithSays: (says: string, at: number) => `${says} ${at} of 10`,
  },
  searchField: {
    clear: (label: string) => `${label}: clear`,
  },
  stepper: {
    less: (label: string) => `${label}: less`,
    more: (label: string) => `${label}: more`,
  },
  timeZoneField: {
    timeZone: (spoken: string) => `Time zone: ${spoken}`,
    timeZoneAtStart: 'Time zone',
    nowBookingsAreIn: (clock: string) => `${clock} now. Bookings are in this time.`,
    changeTheTimeZone: 'Change the time zone',
    keepIt: 'Keep it',
    searchTimeZones: 'Search time zones',
    cityOrRegion: 'City or region',
    noneByThatName: 'None by that name. Try the largest city near you.',
    timeZones: 'Time zones',
    moreTypeACity: (count: number) => `${count} more: type a city to find yours.`,
  },
  why: {
    source: (source: string) => `Source: ${source}`,
    why: (about: string) => `Why: ${about}`,
  },
  modal: { closeTheDialog: 'Close the dialog' },
  measure: {
    mustBeANumber: (unit: string) => `must be a number in ${unit}`,
    mustBeBetweenAnd: (low: string, high: string, unit: string) => `must be between ${low} and ${high} ${unit}`,
  },
  states: {
    loading: (what: string) => `Loading ${what}`,
    somethingWentWrong: 'Something went wrong.',
    noConnectionFor: (what: string) => `No connection for ${what}`,
    cantShow: (what: string) => `Can’t show ${what}`,
    thisWasNotRead: 'This was not read on this device yet. Whatever you logged is kept here and will be sent.',
    tryAgain: 'Try again',
  },
  useKeys: {
    shift: (key: string) => `shift·${key}`,
  },
};
