import type { Catalogue } from '@drubo/core/catalogue';
import type { SheetInput } from '@drubo/core/composing';
import type { KitItem } from '@drubo/core/vocabulary';
import type { ComposingDto } from './dto/composing';

/**
 * What a session is composed from, as the core reads it, at one of the person's places: the same on the server and on a
 * phone with no network. `roomOf`: what stands in the room of a kit.
 */
export const sheetInputOf = (
  from: ComposingDto,
  { kit, safety }: ComposingDto['places'][number],
  catalogue: Catalogue,
  roomOf: (kit: ComposingDto['places'][number]['kit']) => ReadonlySet<KitItem>,
): SheetInput => {
  const pasts = new Map(from.pasts.map(({ variationId, past }) => [variationId, past]));
  return {
    context: {
      catalogue,
      kit,
      room: roomOf(kit),
      person: from.fittedTo,
      limits: from.limits,
      careful: from.careful ?? [],
      safety,
      pain: {
        atStart: null,
        clearedUpTo: from.painClearedUpTo,
        painkillers: false,
        settledByMorning: null,
        lastTime: null,
      },
    },
    tracks: from.tracks,
    stage: from.stage,
    schools: from.schools,
    starts: from.starts,
    aids: from.aids,
    drills: from.drills,
    standings: from.standings ?? [],
    dislikes: from.dislikes,
    chips: from.chips ?? [],
    daysPerWeek: from.daysPerWeek,
    secondGoal: from.secondGoal,
    recent: from.recent,
    minutes: from.minutes,
    pace: from.pace ?? 1,
    ...(from.planned ? { planned: from.planned } : {}),
    day: from.day,
    trainsOn: from.trainsOn,
    pastOf: (variationId) => pasts.get(variationId) ?? [],
  };
};
