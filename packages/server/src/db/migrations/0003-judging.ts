/** Settings, chosen methods and feelers of exercises; standing on ladders; machines and gear; schools of thought. */
export const judging = {
  name: '0003-judging',
  statements: [
    `ALTER TABLE sheet_items ADD COLUMN leverValues TEXT NOT NULL DEFAULT '{}'`,
    `ALTER TABLE sheet_items ADD COLUMN methodChosen INTEGER NOT NULL DEFAULT 0`,
    `ALTER TABLE sheet_items ADD COLUMN feelers INTEGER NOT NULL DEFAULT 0`,
    `ALTER TABLE tracks ADD COLUMN leverValues TEXT NOT NULL DEFAULT '{}'`,
    `ALTER TABLE tracks ADD COLUMN methodChosen INTEGER NOT NULL DEFAULT 0`,
    `ALTER TABLE tracks ADD COLUMN standing TEXT`,
    `ALTER TABLE sheets ADD COLUMN plannedOn TEXT NOT NULL DEFAULT '2000-01-01'`,
    `ALTER TABLE kits ADD COLUMN machines TEXT NOT NULL DEFAULT '[]'`,
    `ALTER TABLE kits ADD COLUMN gear TEXT NOT NULL DEFAULT '[]'`,
    `ALTER TABLE people ADD COLUMN schools TEXT NOT NULL DEFAULT '{}'`,
  ],
};
