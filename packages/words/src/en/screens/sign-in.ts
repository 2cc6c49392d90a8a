/** What sign-in says. */
export const signInWords = {
  firstRunForm: {
    pounds: 'Pounds',
    kilograms: 'Kilograms',
    setUpYourStudio: 'Set up your studio',
    studioName: 'Studio name',
    weightsAreReadIn: 'Weights are read in',
    yourName: 'Your name',
    nameYouSignIn: 'Name you sign in with',
    password: 'Password',
    atLeast10Characters: 'At least 10 characters.',
    createTheStudio: 'Create the studio',
  },
  joinForm: {
    joinAStudio: 'Join a studio',
    code: 'Code',
    yourName: 'Your name',
    nameYouSignIn: 'Name you sign in with',
    password: 'Password',
    atLeast10Characters: 'At least 10 characters.',
    join: 'Join',
  },
  signInForm: {
    thisDeviceIs: 'This device is',
    myOwn: 'My own',
    shared: 'Shared',
    ownRests: 'Signed in until it rests for seven days.',
    sharedRests: 'Signed out with the browser, or after twelve hours of rest.',
    nameYouSignIn: 'Name you sign in with',
    password: 'Password',
    signIn: 'Sign in',
  },
  signInScreen: {
    drubo: 'Drubo',
    lowerBodySessionsPlanned:
      'Lower-body sessions, planned for one person at a time, coached on the floor, and decided from what was logged.',
    thisServerShowsAn: 'This server shows an invented studio with invented people.',
    openTheDemoStudio: 'Open the demo studio',
    iHaveAPassword: 'I have a password',
    iHaveACode: 'I have a code',
  },
};
