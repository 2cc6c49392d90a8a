/** What search says. */
export const searchWords = {
  searchScreen: {
    where: {
      note: 'note',
      'session-note': 'session',
      'session-words': 'said after a session',
      limit: 'limit',
      screening: 'screening',
    },
    search: 'Search',
    searchEverything: 'Search everything',
    peopleMovementsNotesSessions: 'People, movements, notes, sessions',
    twoLettersAreEnough: 'Two letters are enough.',
    theServerCantBe: 'The server can’t be reached: notes and sessions are not searched, people and movements are.',
    nothingHolds: (words: string) => `Nothing holds “${words}”.`,
    people: 'People',
    archived: 'archived',
    movements: 'Movements',
    yourOwn: 'your own',
    notesAndSessions: 'Notes and sessions',
  },
};
