/** The newest row of each id, by revision. The primary key (studioId, id, revision) finds it without a walk. */
const newest = (table: string): string =>
  `revision = (SELECT MAX(later.revision) FROM ${table} AS later
    WHERE later.studioId = ${table}.studioId AND later.id = ${table}.id)`;

/**
 * What is current, said once: the newest revision of everything that is kept by revisions, without what was taken away.
 * A retired movement is still one: sheets of the past name it.
 */
export const currentRows = {
  name: '0009-current-rows',
  statements: [
    `CREATE VIEW current_sets AS SELECT * FROM set_revisions WHERE removed = 0 AND ${newest('set_revisions')}`,
    `CREATE VIEW current_session_records AS
      SELECT * FROM session_records WHERE removed = 0 AND ${newest('session_records')}`,
    // When it was first saved stands beside it: changed later, a record keeps its place in the order.
    `CREATE VIEW current_person_records AS
      SELECT person_records.*,
        (SELECT MIN(earliest.savedAt) FROM person_records AS earliest
          WHERE earliest.studioId = person_records.studioId AND earliest.id = person_records.id) AS firstSavedAt
      FROM person_records WHERE removed = 0 AND ${newest('person_records')}`,
    `CREATE VIEW current_movements AS SELECT * FROM movements WHERE ${newest('movements')}`,
  ],
};
