/** Tracks by day of the plan, with what they remember; sheets that are a day of their own; who trained before being asked. */
export const agreedSheets = {
  name: '0007-agreed-sheets',
  statements: [
    `ALTER TABLE sheets ADD COLUMN dayRole TEXT DEFAULT 'all'`,
    `UPDATE sheets SET dayRole = splitDay WHERE splitDay IS NOT NULL`,
    `UPDATE sheets SET dayRole = NULL WHERE intent = 'lighter' OR state = 'loose'`,
    `ALTER TABLE sheets ADD COLUMN plannedMinutes INTEGER`,
    `ALTER TABLE sheet_items ADD COLUMN memory TEXT NOT NULL DEFAULT '{}'`,
    `ALTER TABLE people ADD COLUMN loadedBefore INTEGER NOT NULL DEFAULT 0`,
    `UPDATE people SET loadedBefore = 1 WHERE EXISTS (
      SELECT 1 FROM sessions JOIN set_revisions AS sets ON sets.studioId = sessions.studioId AND sets.sessionId = sessions.id
      WHERE sessions.studioId = people.studioId AND sessions.personId = people.id AND sets.externalKg > 0)`,
    `CREATE TABLE day_tracks (studioId TEXT NOT NULL, personId TEXT NOT NULL, dayRole TEXT NOT NULL, slot TEXT NOT NULL,
      variationId TEXT NOT NULL, leverValues TEXT NOT NULL DEFAULT '{}', method TEXT NOT NULL,
      methodChosen INTEGER NOT NULL DEFAULT 0, dose TEXT NOT NULL, leftOut INTEGER NOT NULL,
      memory TEXT NOT NULL DEFAULT '{}', lastDecision TEXT, standing TEXT, estimatorState TEXT,
      PRIMARY KEY (studioId, personId, dayRole, slot),
      FOREIGN KEY (studioId, personId) REFERENCES people(studioId, id) ON DELETE CASCADE) STRICT`,
    // Somebody whose last sheet is a split goes on with each track on both its days.
    `INSERT INTO day_tracks (studioId, personId, dayRole, slot, variationId, leverValues, method, methodChosen, dose, leftOut,
        lastDecision, standing, estimatorState)
      SELECT tracks.studioId, tracks.personId, roles.role, slot, variationId, leverValues, method, methodChosen, dose, leftOut,
        lastDecision, standing, estimatorState
      FROM tracks JOIN (SELECT 'all' AS role UNION SELECT 'a' UNION SELECT 'b') AS roles
      WHERE (roles.role <> 'all') = COALESCE((
        SELECT shape = 'two-day-split' FROM sheets
        WHERE sheets.studioId = tracks.studioId AND sheets.personId = tracks.personId AND sheets.state NOT IN ('later', 'loose')
        ORDER BY createdAt DESC LIMIT 1), 0)`,
    `DROP TABLE tracks`,
    `ALTER TABLE day_tracks RENAME TO tracks`,
  ],
};
