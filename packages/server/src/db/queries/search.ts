import type { PersonId, SessionId } from '@drubo/core/vocabulary';
import type { ReplyOf } from '@drubo/contracts';
import type { Scope } from '../scope';

/** Lines of each kind at most; whoever wants more types more. */
const MOST = 30;

type Found = ReplyOf<'search'>;

/** What LIKE reads as anything is meant as itself. */
const pattern = (words: string): string => `%${words.replace(/[\\%_]/g, (sign) => `\\${sign}`)}%`;

const PEOPLE = `
  SELECT id, name, note, archivedAt IS NOT NULL AS isArchived FROM people
  WHERE studioId = :studioId AND (name LIKE :like ESCAPE '\\' OR note LIKE :like ESCAPE '\\')
  ORDER BY isArchived, name LIMIT ${MOST}`;

const MOVEMENTS = `
  SELECT id, json_extract(fields, '$.name') AS name FROM current_movements
  WHERE studioId = :studioId AND retired = 0 AND json_extract(fields, '$.name') LIKE :like ESCAPE '\\'
  ORDER BY name LIMIT ${MOST}`;

/** Texts kept about people: the newest revision of each record that was not taken away. */
const RECORDS = `
  SELECT newest.id, newest.personId, people.name AS personName, newest.kind,
    COALESCE(json_extract(fields, '$.text'), json_extract(fields, '$.note')) AS text,
    COALESCE(json_extract(fields, '$.on'), json_extract(fields, '$.askedOn'), substr(newest.savedAt, 1, 10)) AS onDay
  FROM current_person_records AS newest
  JOIN people ON people.studioId = newest.studioId AND people.id = newest.personId
  WHERE newest.studioId = :studioId AND newest.kind IN ('note', 'limit', 'screening') AND text LIKE :like ESCAPE '\\'
  ORDER BY onDay DESC LIMIT ${MOST}`;

/** Texts of sessions: the note at the end, notes on the way, what the client said. */
const SESSIONS = `
  SELECT id, sessionId, personId, personName, onDay, kind, text FROM (
    SELECT sessions.id, sessions.id AS sessionId, sessions.personId, people.name AS personName, sessions.date AS onDay,
      'note' AS kind, sessions.note AS text
    FROM sessions JOIN people ON people.studioId = sessions.studioId AND people.id = sessions.personId
    WHERE sessions.studioId = :studioId AND sessions.state <> 'discarded'
    UNION ALL
    SELECT newest.id, newest.sessionId, sessions.personId, people.name, sessions.date, newest.kind,
      COALESCE(json_extract(fields, '$.text'), json_extract(fields, '$.words'))
    FROM current_session_records AS newest
    JOIN sessions ON sessions.studioId = newest.studioId AND sessions.id = newest.sessionId
    JOIN people ON people.studioId = sessions.studioId AND people.id = sessions.personId
    WHERE newest.studioId = :studioId AND newest.kind IN ('note', 'after')
  ) WHERE text LIKE :like ESCAPE '\\' ORDER BY onDay DESC LIMIT ${MOST}`;

interface Text {
  id: string;
  personId: PersonId;
  personName: string;
  onDay: string;
  kind: string;
  text: string;
  sessionId?: SessionId;
}

const whereOf = ({ kind, sessionId }: Text): Found['texts'][number]['where'] => {
  if (sessionId === undefined) return kind === 'limit' || kind === 'screening' ? kind : 'note';
  return kind === 'after' ? 'session-words' : 'session-note';
};

/** Everything of a studio that holds the words, upper and lower case alike. */
export const searchStudio = async (scope: Scope, words: string): Promise<Found> => {
  const like = pattern(words.trim());
  const people = await scope.select<{ id: string; name: string; note: string; isArchived: number }>(PEOPLE, { like });
  const movements = await scope.select<{ id: string; name: string }>(MOVEMENTS, { like });
  const texts = [...(await scope.select<Text>(RECORDS, { like })), ...(await scope.select<Text>(SESSIONS, { like }))];
  return {
    people: people.map((person) => ({ ...person, isArchived: Boolean(person.isArchived) })),
    movements,
    texts: texts
      .map((found) => ({
        id: found.id,
        personId: found.personId,
        personName: found.personName,
        on: found.onDay,
        where: whereOf(found),
        sessionId: found.sessionId ?? null,
        text: found.text,
      }))
      .sort((a, b) => b.on.localeCompare(a.on)),
  };
};
