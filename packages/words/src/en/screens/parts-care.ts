/** What parts-care says. */
export const partsCareWords = {
  fourAnswers: {
    yes: 'Yes',
    no: 'No',
    neither: 'Neither',
    heart: 'Heart',
    pressure: 'Pressure',
    both: 'Both',
    open: (isHeld: boolean, count: number) => `${isHeld ? 'Ask before any weight' : 'Still to ask'} · ${count} open`,
    asked: 'Asked',
    untilTheseAreAnswered: (isHeld: boolean) =>
      `${isHeld ? 'Nothing is loaded' : 'Loads rise more slowly'} until these are answered. The answers are kept with the person’s agreement: ask for it first.`,
    everyOneIsAnswered: 'Every one is answered. A tap changes an answer; more is asked under Health and limits.',
  },
  warningDialog: {
    levels: {
      ambulance: 'Call an ambulance',
      'same-day': 'Seen the same day',
      'before-next-hard': 'Before the next hard session',
    },
    carries: (medicine: string) => `Carries: ${medicine}`,
    noEmergencyContactOn: 'No emergency contact on record.',
    keptOnTheirRecord:
      'Kept on their record. Hard work waits until you record who cleared them, for what, until when. Drubo does not diagnose.',
    lookForASign: 'Look for a sign',
    noSuchSignHere: 'No such sign here. When in doubt, stop and have it looked at.',
  },
};
