/** Who trains at the lamp works. */
export const TRAINER_ID = 'trainer-tove';
