/** What routes says. */
export const routesWords = {
  fetched: {
    loading: (what: string) => `Loading ${what}`,
    thisPerson: 'this person',
    theSession: 'the session',
    theMovements: 'the movements',
    theReview: 'the review',
    theTrends: 'the trends',
    theWeeks: 'the weeks',
    theSearch: 'the search',
    theSheet: 'the sheet',
    theStudio: 'the studio',
    theKit: 'the kit',
  },
};
