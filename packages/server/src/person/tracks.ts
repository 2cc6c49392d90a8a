import type { PersonId } from '@drubo/core/vocabulary';
import type { Track } from '@drubo/core/composing';
import { toTrack } from '../db/mappers/rows';
import type { Scope } from '../db/scope';

export const tracksOf = async (scope: Scope, personId: PersonId): Promise<Track[]> =>
  (await scope.all('tracks', { personId })).map(toTrack);

/** Keeps a track in place of what went on in its slot. */
export const keepTrack = (scope: Scope, personId: PersonId, { memory = {}, dayRole = 'all', ...track }: Track): Promise<void> =>
  scope.upsert('tracks', { ...track, memory, dayRole, personId, estimatorState: null });
