/** Whose waiting sheet is still to be fitted to a kit that was changed; it is when it is next read. */
export const unfitted = {
  name: '0011-unfitted',
  statements: [
    `CREATE TABLE unfitted (studioId TEXT NOT NULL, personId TEXT NOT NULL, PRIMARY KEY (studioId, personId),
      FOREIGN KEY (studioId, personId) REFERENCES people (studioId, id) ON DELETE CASCADE) STRICT, WITHOUT ROWID`,
  ],
} as const;
