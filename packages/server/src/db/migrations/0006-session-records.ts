/** What is kept about a session beside its sets, and how a session was entered. */
export const sessionRecords = {
  name: '0006-session-records',
  statements: [
    `CREATE TABLE session_records (studioId TEXT NOT NULL, id TEXT NOT NULL, revision INTEGER NOT NULL,
      sessionId TEXT NOT NULL, kind TEXT NOT NULL, fields TEXT NOT NULL, removed INTEGER NOT NULL, madeAt TEXT NOT NULL,
      receivedAt TEXT, deviceId TEXT NOT NULL, deviceSeq INTEGER NOT NULL, PRIMARY KEY (studioId, id, revision),
      FOREIGN KEY (studioId, sessionId) REFERENCES sessions(studioId, id) ON DELETE CASCADE) STRICT`,
    `CREATE INDEX session_records_by_session ON session_records (studioId, sessionId)`,
    `ALTER TABLE sessions ADD COLUMN entry TEXT NOT NULL DEFAULT 'live'`,
    `ALTER TABLE sessions ADD COLUMN minutes INTEGER`,
    `CREATE INDEX sessions_by_state ON sessions (studioId, state, startedAt)`,
    `CREATE INDEX decisions_by_item ON decisions (studioId, itemId)`,
  ],
};
