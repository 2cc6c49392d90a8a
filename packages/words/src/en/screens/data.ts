/** What data says. */
export const dataWords = {
  api: {
    theServerCantBe: 'The server can’t be reached.',
  },
  queue: {
    hangsOnAnother: 'It belongs to the one before it that the server could not take. Send that one again first.',
  },
  queueProvider: {
    storageOnThisDevice: 'Storage on this device is still opening. Try again.',
    storageFailed: 'storage failed',
  },
  serviceWorker: {
    offlineUseNeedsHttps: 'Offline use needs https.',
    thisBrowserKeepsNo: 'This browser keeps no offline copy.',
  },
  storageTrouble: {
    notLoggedThisDevice:
      'Not logged: this device is full. Free some space, or save what waits as a file (tap the mark above), then log it again. What stood here before is safe.',
    storageFailed: 'storage failed',
    notLoggedThisDeviceCould: (message: string) => `Not logged: this device could not keep it (${message}). Try again.`,
  },
  refusal: {
    fieldWords: {
      'scope.families': 'Movements cleared',
      about: 'About',
      on: 'The date',
      until: 'Until',
      since: 'Since when',
      askedOn: 'The day it was asked',
      side: 'This side',
      severity: 'How sore',
      massKg: 'Body mass',
      heightCm: 'Height',
      birthYear: 'Year of birth',
      'pressure.systolic': 'The upper number',
      'pressure.diastolic': 'The lower number',
      'surgery.procedure': 'What was done',
      'surgery.on': 'When',
      'contact.name': 'Whom to call',
      'contact.phone': 'Phone',
      text: 'The note',
      version: 'Its version',
      why: 'Why',
      variationId: 'This movement',
      loadKg: 'The load',
      reps: 'Reps',
      rungId: 'This stage',
      password: 'The password',
      next: 'The new password',
      current: 'The password of now',
      loginName: 'The name to sign in with',
    },
    itCouldNotBe: 'It could not be kept. Try again.',
  },
  useRunning: {
    somebody: 'Somebody',
  },
  composingInput: {
    thisPersonHasNowhere: 'This person has nowhere to train.',
  },
};
