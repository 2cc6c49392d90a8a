import type { Catalogue, Variation } from '../catalogue';
import { searchable } from '../vocabulary';
import type { Chip, DailyTask, EmphasisId } from '../vocabulary';

/** What a person's words may mean: chips to confirm, and movements they would rather not do, under the word that names them. */
export interface Meant {
  chips: Exclude<Chip, { kind: 'note' }>[];
  avoids: { word: string; variationIds: string[] }[];
}

/** Words of daily tasks, as they begin. English; common words, no source. */
const TASK_WORDS: Record<DailyTask, readonly string[]> = {
  'floor-to-stand': ['floor', 'ground', 'get up', 'getting up', 'grandchild', 'grandkid', 'garden', 'toddler'],
  stairs: ['stair', 'steps', 'climb', 'hill', 'hike', 'hiking', 'uphill'],
  carrying: ['carry', 'carrying', 'shopping', 'groceries', 'luggage', 'bags', 'moving house'],
  running: ['run', 'running', 'jog', 'jogging', 'marathon', 'sprint'],
  jumping: ['jump', 'jumping', 'volleyball', 'basketball', 'dunk', 'netball'],
};

const EMPHASIS_WORDS: Partial<Record<EmphasisId, readonly string[]>> = {
  'front-thigh': ['front of thigh', 'front of the thigh', 'quad', 'thighs'],
  hamstrings: ['hamstring', 'back of thigh', 'back of the thigh'],
  glutes: ['glute', 'bum', 'backside', 'buttock', 'bottom'],
  adductors: ['inner thigh', 'adductor', 'groin'],
  'side-hip': ['side of the hip', 'side hip', 'outer hip'],
  calves: ['calf', 'calves'],
  trunk: ['core', 'trunk', 'abs', 'midriff'],
  balance: ['balance', 'steady', 'wobbl'],
  mobility: ['mobil', 'flexib', 'supple', 'stiff'],
};

/** Whole families somebody may not like. */
const FAMILY_WORDS: Readonly<Record<string, string>> = { lunges: 'lunge', lunge: 'lunge', bridges: 'bridge', bridge: 'bridge' };

const NOT = [
  'hate',
  'hates',
  'not',
  'no',
  'never',
  'avoid',
  'avoids',
  'without',
  'dislike',
  'dislikes',
  'don’t',
  'dont',
  'rather',
];
/** A “not” reaches so many words on, within its clause. */
const REACH = 4;

const fold = (text: string): string => searchable(text).replace(/'/g, '’');
const wordsOf = (text: string): string[] =>
  fold(text)
    .split(/[^\p{L}\p{N}’-]+/u)
    .filter(Boolean);

/** Letters a word may go on by: 'mobil' is in 'mobility', 'core' not in 'corecrunch'. */
const GOES_ON = 5;

/** Where a phrase stands in a clause, word by word; the last may go on: 'quad' is in 'quads'. -1: nowhere. */
const placeIn = (clause: readonly string[], phrase: readonly string[], mayGoOn: boolean): number =>
  clause.findIndex((_, at) =>
    phrase.every((word, i) => {
      const said = clause[at + i] ?? '';
      return (
        said === word || (mayGoOn && i === phrase.length - 1 && said.startsWith(word) && said.length <= word.length + GOES_ON)
      );
    }),
  );

const isDenied = (clause: readonly string[], at: number): boolean =>
  clause.slice(Math.max(0, at - REACH), at).some((word) => NOT.includes(word));

/** Names a movement goes by, the longest first. */
const namesOf = ({ name, aliases }: Variation): string[][] =>
  [name, ...aliases]
    .map(wordsOf)
    .filter((words) => words.length > 0)
    .sort((a, b) => b.length - a.length);

const plural = (words: readonly string[]): string[] => words.map((word, at) => (at === words.length - 1 ? `${word}s` : word));

/** A movement named in a clause, with the words that name it; those inside a longer name count for that one. */
const named = (catalogue: Catalogue, clause: readonly string[]): { variationId: string; at: number; length: number }[] => {
  const found = catalogue.variations.flatMap((variation) => {
    for (const words of namesOf(variation)) {
      const at = Math.max(placeIn(clause, words, false), placeIn(clause, plural(words), false));
      if (at >= 0) return [{ variationId: variation.id, at, length: words.length }];
    }
    return [];
  });
  const isInside = (one: (typeof found)[number]): boolean =>
    found.some((other) => other.length > one.length && one.at >= other.at && one.at + one.length <= other.at + other.length);
  return found.filter((one) => !isInside(one));
};

/**
 * What somebody's own words may mean. Suggestions only: nothing counts before the trainer confirms it, and what matches nothing is said
 * nothing of.
 * @example meantBy(catalogue, 'Hates lunges, wants to deadlift and carry her grandchild')
 */
export const meantBy = (catalogue: Catalogue, text: string): Meant => {
  const chips = new Map<string, Meant['chips'][number]>();
  const avoids = new Map<string, string[]>();
  for (const part of text.split(/[,.;:!?\n]|\band\b|\bbut\b/i)) {
    const clause = wordsOf(part);
    for (const { variationId, at, length } of named(catalogue, clause)) {
      const word = clause.slice(at, at + length).join(' ');
      if (isDenied(clause, at)) avoids.set(word, [variationId]);
      else chips.set(variationId, { kind: 'wants', variationId });
    }
    for (const [word, family] of Object.entries(FAMILY_WORDS)) {
      const at = clause.indexOf(word);
      if (at < 0 || !isDenied(clause, at)) continue;
      const all = catalogue.variations.filter(({ id, family: own }) => own === family && id.includes(family));
      avoids.set(
        word,
        all.map(({ id }) => id),
      );
    }
    const says = (phrases: readonly string[]): boolean =>
      phrases.some((phrase) => {
        const at = placeIn(clause, wordsOf(phrase), true);
        return at >= 0 && !isDenied(clause, at);
      });
    for (const [task, phrases] of Object.entries(TASK_WORDS) as [DailyTask, readonly string[]][]) {
      if (says(phrases)) chips.set(task, { kind: 'task', task });
    }
    for (const [emphasis, phrases] of Object.entries(EMPHASIS_WORDS) as [EmphasisId, readonly string[]][]) {
      if (says(phrases)) chips.set(emphasis, { kind: 'emphasis', emphasis });
    }
  }
  return { chips: [...chips.values()], avoids: [...avoids].map(([word, variationIds]) => ({ word, variationIds })) };
};
