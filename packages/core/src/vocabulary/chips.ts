import type { EmphasisId } from './training';

/** What somebody wants to manage in their days. */
export const DAILY_TASKS = ['floor-to-stand', 'stairs', 'carrying', 'running', 'jumping'] as const;
export type DailyTask = (typeof DAILY_TASKS)[number];

/**
 * What the trainer confirmed of a person's own words: a movement they want, a muscle or quality, a daily task. A note is kept and read
 * by people only. What they would rather not do is on record as that.
 */
export type Chip =
  | { kind: 'wants'; variationId: string }
  | { kind: 'emphasis'; emphasis: EmphasisId }
  | { kind: 'task'; task: DailyTask }
  | { kind: 'note'; text: string };
