/** Now, as the server writes moments. */
const NOW = `strftime('%Y-%m-%dT%H:%M:%fZ', 'now')`;

/**
 * Owners and trainers, where somebody is signed in and since when, and what is known of the server itself. Whoever was first
 * owns the studio; whoever is signed in today was used today.
 */
export const trust = {
  name: '0010-trust',
  statements: [
    `ALTER TABLE trainers ADD COLUMN role TEXT NOT NULL DEFAULT 'trainer'`,
    `ALTER TABLE trainers ADD COLUMN removedAt TEXT`,
    `UPDATE trainers SET role = 'owner' WHERE rowid = (SELECT first.rowid FROM trainers AS first
      WHERE first.studioId = trainers.studioId ORDER BY first.createdAt, first.rowid LIMIT 1)`,
    `ALTER TABLE sign_ins ADD COLUMN lastUsedAt TEXT NOT NULL DEFAULT ''`,
    `UPDATE sign_ins SET lastUsedAt = ${NOW}`,
    `ALTER TABLE sign_ins ADD COLUMN device TEXT NOT NULL DEFAULT ''`,
    `ALTER TABLE sign_ins ADD COLUMN isKept INTEGER NOT NULL DEFAULT 1`,
    `ALTER TABLE sign_ins ADD COLUMN confirmedAt TEXT`,
    // Erasing somebody finds what was answered about them without a walk through everything.
    `CREATE INDEX commands_by_person ON commands (studioId, personId)`,
    `UPDATE commands SET personId = COALESCE(
        json_extract(reply, '$.session.personId'), json_extract(reply, '$.person.id'), json_extract(reply, '$.personId'),
        (SELECT sessions.personId FROM sessions WHERE sessions.studioId = commands.studioId
          AND sessions.id = json_extract(commands.reply, '$.sessionId')),
        (SELECT sheets.personId FROM sheets WHERE sheets.studioId = commands.studioId
          AND sheets.id = json_extract(commands.reply, '$.id')))
      WHERE personId IS NULL`,
    // What a deleted row is looked for by, in the tables whose rows hang from it.
    `CREATE INDEX sets_by_item ON set_revisions (studioId, itemId)`,
    `CREATE INDEX sessions_by_sheet ON sessions (studioId, sheetId)`,
    `CREATE INDEX sheets_by_person ON sheets (studioId, personId)`,
    `CREATE INDEX bookings_by_person ON bookings (studioId, personId)`,
    `CREATE INDEX commands_answered ON commands (receivedAt) WHERE reply <> ''`,
    `CREATE TABLE server_facts (name TEXT PRIMARY KEY, value TEXT NOT NULL) STRICT`,
  ],
} as const;
