/** What asking for the password again says. */
export const partsPasswordWords = {
  passwordDialog: {
    yourPasswordAgain: 'Your password again',
    beforeThis: 'Whoever holds this phone must not be able to do this. It counts for ten minutes.',
    password: 'Password',
    goOn: 'Go on',
    notNow: 'Not now',
  },
};
