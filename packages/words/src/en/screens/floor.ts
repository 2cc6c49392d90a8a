/** What floor says. */
export const floorWords = {
  floorCard: {
    limits: (limits: string) => `Limits: ${limits}`,
    lastTime: (fault: string, name: string) => `Last time: ${fault}, ${name}`,
    watch: (text: string) => `Watch: ${text}`,
    sheet: 'Sheet',
    sheetOf: (name: string) => `Sheet of ${name}`,
    goOnWith: (name: string) => `Go on with ${name}`,
    doneLookAtIt: 'Done: look at it',
    sessionOf: (name: string) => `Session of ${name}`,
    start: 'Start',
    startWithName: (name: string) => `Start ${name}`,
  },
  floorScreen: {
    today: 'Today',
    searchEverything: 'Search everything',
    theDayBefore: 'The day before',
    theDayAfter: 'The day after',
    theFloor: 'the floor',
    nobodyIsBooked: 'Nobody is booked',
    bookSomebodyFromTheir: 'Book somebody from their page, or start their sheet from there without a booking.',
    goToPeople: 'Go to People',
    stillRunning: 'Still running',
    toReview: 'To review',
  },
};
