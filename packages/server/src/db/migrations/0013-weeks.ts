/** A person's plan of weeks, every revision of it, and which of its days a sheet was made for. */
export const weeks = {
  name: '0013-weeks',
  statements: [
    `CREATE TABLE plan_revisions (studioId TEXT NOT NULL, personId TEXT NOT NULL, revision INTEGER NOT NULL, savedAt TEXT NOT NULL,
      trainerId TEXT NOT NULL, blockId TEXT, plan TEXT, touched TEXT,
      PRIMARY KEY (studioId, personId, revision),
      FOREIGN KEY (studioId, personId) REFERENCES people (studioId, id) ON DELETE CASCADE) STRICT`,
    `ALTER TABLE sheets ADD COLUMN planDay TEXT`,
    `CREATE INDEX sheets_by_plan_day ON sheets (studioId, personId, planDay) WHERE planDay IS NOT NULL`,
  ],
} as const;
