/** Words that many screens share. */
export const common = {
  cancel: 'Cancel',
  side: 'Side',
  change: 'Change',
  add: 'Add',
  sets: 'Sets',
  goOn: 'Go on',
  review: 'Review',
  load: 'Load',
  family: 'Family',
  look: 'Look',
  addAnExercise: 'Add an exercise',
  close: 'Close',
  done: 'Done',
  undo: 'Undo',
  warningSigns: 'Warning signs',
  searchByName: 'Search by name',
};
