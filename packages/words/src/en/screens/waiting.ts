/** What waiting says. */
export const waitingWords = {
  refused: {
    sendAgain: 'Send again',
    keepAsANote: (personName: string) => `Keep as a note on ${personName}`,
    takeOffTheList: 'Take off the list',
    takeItOffThe: 'Take it off the list?',
    wasNeverStoredOn: (inText: string) => `“${inText}” was never stored on the server. Taken off here, it is gone.`,
    takeItOff: 'Take it off',
  },
  waitingScreen: {
    notSentYet: 'Not sent yet',
    everythingIsSent: 'Everything is sent',
    whatYouLogIs: 'What you log is kept on this device first and sent by itself.',
    needsYou: 'Needs you',
    theServerRefusedThese:
      'The server refused these. Send one again once what stood against it is gone, keep it as a note, or take it off the list.',
    sendAllAgain: 'Send all again',
    saveACopyOf: 'Save a copy of these',
    waiting: 'Waiting',
    safeOnThisDevice: 'Safe on this device. They are sent in order as soon as the server answers.',
    tryNow: 'Try now',
    saveACopyAs: 'Save a copy as a file',
  },
};
