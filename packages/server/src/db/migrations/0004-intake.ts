/** Intake, what is kept about a person over time, places to train at, invitations, and who did what to whom. */
export const intake = {
  name: '0004-intake',
  statements: [
    `CREATE TABLE intakes (studioId TEXT NOT NULL, personId TEXT NOT NULL, fields TEXT NOT NULL, savedAt TEXT NOT NULL,
      PRIMARY KEY (studioId, personId),
      FOREIGN KEY (studioId, personId) REFERENCES people(studioId, id) ON DELETE CASCADE) STRICT`,
    `CREATE TABLE person_records (studioId TEXT NOT NULL, id TEXT NOT NULL, revision INTEGER NOT NULL,
      personId TEXT NOT NULL, kind TEXT NOT NULL, fields TEXT NOT NULL, removed INTEGER NOT NULL, savedAt TEXT NOT NULL,
      trainerId TEXT NOT NULL, PRIMARY KEY (studioId, id, revision),
      FOREIGN KEY (studioId, personId) REFERENCES people(studioId, id) ON DELETE CASCADE) STRICT`,
    `CREATE INDEX records_by_person ON person_records (studioId, personId)`,
    `CREATE TABLE invites (studioId TEXT NOT NULL REFERENCES studios(id), id TEXT NOT NULL UNIQUE, trainerId TEXT NOT NULL,
      createdAt TEXT NOT NULL, expiresAt TEXT NOT NULL, PRIMARY KEY (studioId, id)) STRICT`,
    `ALTER TABLE kits ADD COLUMN version INTEGER NOT NULL DEFAULT 1`,
    `ALTER TABLE kits ADD COLUMN personId TEXT`,
    `ALTER TABLE kits ADD COLUMN place TEXT NOT NULL DEFAULT 'studio'`,
    `ALTER TABLE kits ADD COLUMN items TEXT NOT NULL DEFAULT '[]'`,
    `ALTER TABLE kits ADD COLUMN hasSafeties INTEGER NOT NULL DEFAULT 1`,
    `ALTER TABLE kits ADD COLUMN hasCollars INTEGER NOT NULL DEFAULT 1`,
    `ALTER TABLE kits ADD COLUMN hasFullDiscs INTEGER NOT NULL DEFAULT 1`,
    // What a studio was taken to have before anybody could say; a kit that says less is saved by its trainer.
    `UPDATE kits SET items = '["rack","landmine","bench","second-bench","box","low-step","pad","stick","wall","strap",' ||
      '"band","slider","ball","small-ball","block","cable","partner-or-anchor","chair"]'`,
    `ALTER TABLE sheets ADD COLUMN leftOff TEXT NOT NULL DEFAULT '[]'`,
    `ALTER TABLE sheet_items ADD COLUMN chosenWhy TEXT NOT NULL DEFAULT '[]'`,
    `ALTER TABLE commands ADD COLUMN personId TEXT`,
    `CREATE INDEX commands_by_time ON commands (studioId, receivedAt)`,
  ],
};
