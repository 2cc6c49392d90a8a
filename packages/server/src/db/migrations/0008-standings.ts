/** Where a person stands on each ladder is a record of its own; tracks and placements said it so far. */
export const standings = {
  name: '0008-standings',
  statements: [
    `CREATE TABLE standings (studioId TEXT NOT NULL, personId TEXT NOT NULL, ladderId TEXT NOT NULL, rungId TEXT NOT NULL,
      variationId TEXT NOT NULL, leverValues TEXT NOT NULL DEFAULT '{}', target TEXT, evidence TEXT NOT NULL DEFAULT '[]',
      stoodOn TEXT NOT NULL, stoodBy TEXT NOT NULL, reasons TEXT NOT NULL DEFAULT '[]', why TEXT,
      PRIMARY KEY (studioId, personId, ladderId),
      FOREIGN KEY (studioId, personId) REFERENCES people(studioId, id) ON DELETE CASCADE) STRICT`,
    // What the newest decision of each ladder left somebody on; with none since, the trainer's placement there.
    `INSERT OR REPLACE INTO standings (studioId, personId, ladderId, rungId, variationId, leverValues, target, evidence,
        stoodOn, stoodBy, reasons, why)
      SELECT tracks.studioId, tracks.personId, json_extract(standing, '$.ladderId'), json_extract(standing, '$.rungId'),
        json_extract(standing, '$.variationId'), COALESCE(json_extract(standing, '$.values'), '{}'),
        json_extract(standing, '$.target'), COALESCE(json_extract(standing, '$.evidence'), '[]'),
        COALESCE(json_extract(lastDecision, '$.sessionDate'), json_extract(placed.fields, '$.on'), '1970-01-01'),
        CASE WHEN lastDecision IS NULL AND placed.fields IS NOT NULL THEN 'hand' ELSE 'review' END,
        COALESCE(json_extract(lastDecision, '$.reasons'), '[]'),
        CASE WHEN lastDecision IS NULL THEN json_extract(placed.fields, '$.why') END
      FROM tracks LEFT JOIN person_records AS placed ON placed.studioId = tracks.studioId
        AND placed.personId = tracks.personId AND placed.kind = 'placement' AND placed.removed = 0
        AND json_extract(placed.fields, '$.ladderId') = json_extract(standing, '$.ladderId')
        AND placed.savedAt = (SELECT MAX(other.savedAt) FROM person_records AS other
          WHERE other.studioId = placed.studioId AND other.personId = placed.personId AND other.kind = 'placement'
            AND other.removed = 0
            AND json_extract(other.fields, '$.ladderId') = json_extract(placed.fields, '$.ladderId'))
      WHERE standing IS NOT NULL
      ORDER BY COALESCE(json_extract(lastDecision, '$.sessionDate'), json_extract(placed.fields, '$.on'), '1970-01-01')`,
    `ALTER TABLE tracks DROP COLUMN standing`,
  ],
};
