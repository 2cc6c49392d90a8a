/** A studio's own movements, one row a revision. */
export const movements = {
  name: '0002-movements',
  statements: [
    `CREATE TABLE movements (
      studioId TEXT NOT NULL, id TEXT NOT NULL, revision INTEGER NOT NULL, retired INTEGER NOT NULL,
      fields TEXT NOT NULL, savedAt TEXT NOT NULL,
      PRIMARY KEY (studioId, id, revision)
    ) STRICT`,
  ],
};
