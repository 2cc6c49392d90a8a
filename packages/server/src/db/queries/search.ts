import type { PersonId, SessionId } from '@drubo/core/vocabulary';
import { searchable } from '@drubo/core/vocabulary';
import { shownName } from '@drubo/contracts';
import type { ReplyOf } from '@drubo/contracts';
import type { Scope } from '../scope';

/** Lines of each kind at most; whoever wants more types more. */
const MOST = 30;

type Found = ReplyOf<'search'>;

/**
 * Rows looked through for words. SQLite folds nothing but ASCII: texts of plain letters it finds itself, those with others are
 * handed on to be looked at here.
 */
const CANDIDATES = 2_000;

/** Whether a text may hold the words: what LIKE finds, or a sign beyond ASCII in it. */
const mayHold = (text: string): string => `(${text} LIKE :like ESCAPE '\\' OR ${text} GLOB '*[^ -~]*')`;

/** What LIKE reads as anything is meant as itself. */
const pattern = (words: string): string => `%${words.replace(/[\\%_]/g, (sign) => `\\${sign}`)}%`;

const PEOPLE = `
  SELECT id, name, note, archivedAt IS NOT NULL AS isArchived FROM people
  WHERE studioId = :studioId AND (${mayHold('name')} OR ${mayHold('note')})
  ORDER BY isArchived, name LIMIT ${CANDIDATES}`;

const MOVEMENTS = `
  SELECT id, json_extract(fields, '$.name') AS name FROM current_movements
  WHERE studioId = :studioId AND retired = 0 AND ${mayHold("json_extract(fields, '$.name')")}
  ORDER BY name LIMIT ${CANDIDATES}`;

/** Texts kept about people: the newest revision of each record that was not taken away. */
const RECORDS = `
  SELECT newest.id, newest.personId, people.name AS personName, newest.kind,
    COALESCE(json_extract(fields, '$.text'), json_extract(fields, '$.note')) AS text,
    COALESCE(json_extract(fields, '$.on'), json_extract(fields, '$.askedOn'), substr(newest.savedAt, 1, 10)) AS onDay
  FROM current_person_records AS newest
  JOIN people ON people.studioId = newest.studioId AND people.id = newest.personId
  WHERE newest.studioId = :studioId AND newest.kind IN ('note', 'limit', 'screening') AND ${mayHold('text')}
  ORDER BY onDay DESC LIMIT ${CANDIDATES}`;

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
  ) WHERE ${mayHold('text')} ORDER BY onDay DESC LIMIT ${CANDIDATES}`;

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

/** Everything of a studio that holds the words, upper and lower case and letters with and without marks alike. */
export const searchStudio = async (scope: Scope, words: string): Promise<Found> => {
  const wanted = searchable(words.trim());
  const like = pattern(wanted);
  const holds = (text: string): boolean => searchable(text).includes(wanted);
  const people = await scope.select<{ id: string; name: string; note: string; isArchived: number }>(PEOPLE, { like });
  const movements = await scope.select<{ id: string; name: string }>(MOVEMENTS, { like });
  const [records, sessions] = [await scope.select<Text>(RECORDS, { like }), await scope.select<Text>(SESSIONS, { like })];
  const texts = [records, sessions].flatMap((found) => found.filter(({ text }) => holds(text)).slice(0, MOST));
  return {
    people: people
      .filter(({ name, note }) => holds(name) || holds(note))
      .slice(0, MOST)
      .map((person) => ({ ...person, name: shownName(person.name), isArchived: Boolean(person.isArchived) })),
    movements: movements.filter(({ name }) => holds(name)).slice(0, MOST),
    texts: texts
      .map((found) => ({
        id: found.id,
        personId: found.personId,
        personName: shownName(found.personName),
        on: found.onDay,
        where: whereOf(found),
        sessionId: found.sessionId ?? null,
        text: found.text,
      }))
      .sort((a, b) => b.on.localeCompare(a.on)),
  };
};
