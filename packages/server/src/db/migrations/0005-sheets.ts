/** Sheets with blocks and shapes, copies that wait for their day, and templates. */
export const sheets = {
  name: '0005-sheets',
  statements: [
    `ALTER TABLE sheets ADD COLUMN shape TEXT NOT NULL DEFAULT 'straight-sets'`,
    `ALTER TABLE sheets ADD COLUMN intent TEXT NOT NULL DEFAULT 'build'`,
    `ALTER TABLE sheets ADD COLUMN splitDay TEXT`,
    `ALTER TABLE sheets ADD COLUMN minutesBudget INTEGER`,
    `ALTER TABLE sheets ADD COLUMN kitId TEXT`,
    `ALTER TABLE sheets ADD COLUMN blocks TEXT NOT NULL DEFAULT ` +
      `'[{"id":"b0","role":"main","kind":"straight","roundRestSeconds":0}]'`,
    `ALTER TABLE sheets ADD COLUMN isShaped INTEGER NOT NULL DEFAULT 0`,
    `ALTER TABLE sheets ADD COLUMN forDate TEXT`,
    `ALTER TABLE sheets ADD COLUMN gaveUp TEXT NOT NULL DEFAULT '[]'`,
    `ALTER TABLE sheet_items ADD COLUMN blockId TEXT NOT NULL DEFAULT 'b0'`,
    `ALTER TABLE sheet_items ADD COLUMN isOwn INTEGER NOT NULL DEFAULT 0`,
    `ALTER TABLE sheet_items ADD COLUMN removed INTEGER NOT NULL DEFAULT 0`,
    `DROP INDEX one_open_sheet`,
    `CREATE UNIQUE INDEX one_open_sheet ON sheets (studioId, personId) WHERE state IN ('next', 'started')`,
    `CREATE TABLE templates (studioId TEXT NOT NULL REFERENCES studios(id), id TEXT NOT NULL, version INTEGER NOT NULL,
      form TEXT NOT NULL, savedAt TEXT NOT NULL, PRIMARY KEY (studioId, id)) STRICT`,
  ],
};
