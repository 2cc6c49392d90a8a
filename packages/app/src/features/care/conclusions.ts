import { builtInCatalogue, findVariation } from '@drubo/core/catalogue';
import { LADDERS, scaleOf } from '@drubo/core/knowledge';
import { formatLeverValue, LEVER_WORDS } from '@drubo/words/movement-words';
import type { ScreeningResult, Seen } from '@drubo/core/screening';
import type { FaultId, LeverId, LeverValue, ScreeningTaskId } from '@drubo/core/vocabulary';
import { inSentence } from '@drubo/words/explain';
import { careWords } from '@drubo/words/screens/care';

const words = careWords.conclusions;

const nameOf = (id: string): string => findVariation(builtInCatalogue, id)?.name ?? id;

/** Where a ladder starts, in words. */
export const startWords = ({ starts }: ScreeningResult): { ladder: string; start: string }[] =>
  starts.flatMap(({ ladderId, rungId }) => {
    const ladder = LADDERS.find(({ id }) => id === ladderId);
    const rung = ladder?.rungs.find(({ id }) => id === rungId);
    return ladder && rung ? [{ ladder: ladder.name, start: words.stage(nameOf(rung.variationId), rung.stage) }] : [];
  });

/** Settings the screening asks for, in words: 'heel lift 25 mm'. */
export const aidWords = ({ aids }: ScreeningResult): string[] =>
  Object.entries(aids).flatMap(([ladderId, values]) =>
    (Object.entries(values) as [LeverId, LeverValue][]).map(([lever, value]) => {
      const ladder = LADDERS.find(({ id }) => id === ladderId);
      const scale = ladder?.rungs
        .flatMap(({ variationId }) => findVariation(builtInCatalogue, variationId) ?? [])
        .flatMap((variation) => scaleOf(variation, lever) ?? [])[0];
      return `${inSentence(LEVER_WORDS[lever].label)} ${formatLeverValue(lever, value, scale?.unit ?? null)}`;
    }),
  );

export const drillNames = ({ drills }: ScreeningResult): string[] => drills.map(nameOf);

/** What changed from one screening to the next. */
export interface ScreeningChange {
  gone: { task: ScreeningTaskId; fault: FaultId }[];
  came: { task: ScreeningTaskId; fault: FaultId }[];
  reach: { side: 'left' | 'right'; fromCm: number; toCm: number }[];
}

/** Compares two screenings by what was judged both times; a task seen only once says nothing about change. */
export const changeBetween = (before: Seen, after: Seen): ScreeningChange => {
  const both = (Object.keys(after.tasks) as ScreeningTaskId[]).filter(
    (task) => before.tasks[task]?.state === 'judged' && after.tasks[task]?.state === 'judged',
  );
  const missing = (one: Seen, other: Seen) =>
    both.flatMap((task) =>
      (one.tasks[task]?.faults ?? [])
        .filter((fault) => !other.tasks[task]?.faults.includes(fault))
        .map((fault) => ({ task, fault })),
    );
  return {
    gone: missing(before, after),
    came: missing(after, before),
    reach: (['left', 'right'] as const).flatMap((side) => {
      const [fromCm, toCm] = [before.kneeToWallCm[side], after.kneeToWallCm[side]];
      return fromCm !== null && toCm !== null && fromCm !== toCm ? [{ side, fromCm, toCm }] : [];
    }),
  };
};
