/** What workers says. */
export const workersWords = {
  askComposer: {
    theSessionCouldNot: 'The session could not be composed. Change something, and it is tried again.',
  },
  askSweeps: {
    theComparisonCouldNot: 'The comparison could not be worked out. Change something, and it is tried again.',
  },
};
