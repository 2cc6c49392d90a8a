import type { DailyTask } from '../chips';
import type { KitItem } from '../kit';
import type { SessionShape } from '../sheet';
import type { EmphasisId, Family, Goal } from '../training';

/** Why a session is made up as it is, what was given up, and what is wrong with one. */
export interface ComposeReasons {
  'fits-standing': { variationId: string; ladderId: string; stage: number; targetStage: number };
  'fits-beside': { variationId: string; ladderId: string };
  'keeps-on': { variationId: string };
  'trains-muscle': { variationId: string; emphasis: EmphasisId; setsWanted: number };
  'answers-finding': { variationId: string };
  'warms-up': { variationId: string };
  'ends-by-goal': { variationId: string; goal: Goal };
  'for-power': { variationId: string };
  'for-second-goal': { variationId: string; goal: Goal };
  'for-task': { variationId: string; task: DailyTask };
  wanted: { variationId: string };
  'second-goal-left': { goal: Goal; minutes: number };
  'task-left': { task: DailyTask; minutes: number };
  'pairs-with': { variationId: string; withVariationId: string };
  'fewer-sets': { variationId: string; sets: number; usualSets: number; minutes: number };
  'fewer-for-week': {
    variationId: string;
    sets: number;
    usualSets: number;
    emphasis: EmphasisId;
    most: number;
    cap: number;
  };
  'fewer-for-others': { variationId: string; sets: number; usualSets: number };
  'left-for-week': { variationId: string; emphasis: EmphasisId; most: number; cap: number };
  'left-for-exercises': { variationId: string; most: number };
  'left-for-others': { variationId: string };
  'dose-by-shape': { shape: SessionShape; sets: number; restSeconds: number };
  'shape-load': { shape: SessionShape; loadKg: number; usualKg: number };
  'rests-48h': { family: Family; days: number };
  'gave-up-exercises': { emphasis: EmphasisId; setsWanted: number; sets: number; most: number };
  'gave-up-muscle': { emphasis: EmphasisId; setsWanted: number; sets: number; minutes: number };
  'gave-up-week': { emphasis: EmphasisId; setsWanted: number; sets: number; by: EmphasisId; most: number; cap: number };
  'gave-up-others': { emphasis: EmphasisId; setsWanted: number; sets: number };
  'week-target': { emphasis: EmphasisId; weekly: number; done: number; today: number };
  'nothing-fits': { minutes: number; leastMinutes: number };
  'relax-minutes': { minutes: number };
  'relax-place': { exercises: number };
  'relax-limits': { exercises: number };
  'not-finished': { nodes: number };
  'chosen-by-hand': { variationId: string };
  'from-template': { name: string };
  'warn-shared-kit': { variationId: string; otherId: string; item: KitItem };
  'warn-minutes': { minutes: number; budget: number };
  'warn-order': { variationId: string; beforeId: string };
  'warn-locked': { variationId: string };
  'warn-setting': { variationId: string };
  'warn-48h': { family: Family; days: number };
  'warn-balance': { kneeSets: number; hipSets: number };
  'warn-unequal-rounds': { variationId: string; sets: number; otherId: string; otherSets: number };
  'warn-off-kit': { variationId: string; loadKg: number; nearestKg: number };
  'warn-twice': { variationId: string };
  'warn-prerequisite': { variationId: string; prerequisiteId: string };
}

/** Every code of the group; a missing one does not compile. */
export const COMPOSE_CODES: Record<keyof ComposeReasons, true> = {
  'fits-standing': true,
  'fits-beside': true,
  'keeps-on': true,
  'trains-muscle': true,
  'answers-finding': true,
  'warms-up': true,
  'ends-by-goal': true,
  'for-power': true,
  'for-second-goal': true,
  'for-task': true,
  wanted: true,
  'second-goal-left': true,
  'task-left': true,
  'pairs-with': true,
  'fewer-sets': true,
  'fewer-for-week': true,
  'fewer-for-others': true,
  'left-for-week': true,
  'left-for-exercises': true,
  'left-for-others': true,
  'dose-by-shape': true,
  'shape-load': true,
  'rests-48h': true,
  'gave-up-exercises': true,
  'gave-up-muscle': true,
  'gave-up-week': true,
  'gave-up-others': true,
  'week-target': true,
  'nothing-fits': true,
  'relax-minutes': true,
  'relax-place': true,
  'relax-limits': true,
  'not-finished': true,
  'chosen-by-hand': true,
  'from-template': true,
  'warn-shared-kit': true,
  'warn-minutes': true,
  'warn-order': true,
  'warn-locked': true,
  'warn-setting': true,
  'warn-48h': true,
  'warn-balance': true,
  'warn-unequal-rounds': true,
  'warn-off-kit': true,
  'warn-twice': true,
  'warn-prerequisite': true,
};
