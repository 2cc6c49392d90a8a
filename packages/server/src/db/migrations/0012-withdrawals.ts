/** Whose health notes were deleted when they took their consent back: a copy that is brought back loses them again. */
export const withdrawals = {
  name: '0012-withdrawals',
  statements: [
    `CREATE TABLE withdrawals (studioId TEXT NOT NULL, personId TEXT NOT NULL, at TEXT NOT NULL,
      PRIMARY KEY (studioId, personId),
      FOREIGN KEY (studioId, personId) REFERENCES people (studioId, id) ON DELETE CASCADE) STRICT`,
  ],
} as const;
