import { z } from 'zod';
import { id, localDate, personId, sessionId, text } from '../dto/basics';
import { defineEndpoint } from './define';

/** A note or a session that holds the words, and whose it is. `where`: what kind of text they stand in. */
const found = z.object({
  id,
  personId,
  personName: z.string(),
  on: localDate,
  where: z.enum(['note', 'session-note', 'session-words', 'limit', 'screening']),
  sessionId: sessionId.nullable(),
  text: z.string(),
});
export type FoundDto = z.infer<typeof found>;

/** What a search may find of each kind at most. */
const MOST_FOUND = 30;

const searchResult = z.object({
  people: z.array(z.object({ id, name: z.string(), note: z.string(), isArchived: z.boolean() })).max(MOST_FOUND),
  texts: z.array(found).max(2 * MOST_FOUND),
  movements: z.array(z.object({ id: z.string(), name: z.string() })).max(MOST_FOUND),
});

export const searchEndpoints = {
  search: defineEndpoint({
    id: 'search',
    method: 'GET',
    path: '/api/search',
    summary: 'People, the studio’s own movements, notes and sessions that hold the words',
    query: z.strictObject({ words: text(80).min(2, 'must have at least 2 letters') }),
    reply: searchResult,
  }),
};
