import type { DailyTask } from '../chips';
import type { KitItem } from '../kit';
import type { SessionShape } from '../sheet';
import type { EmphasisId, Family, Goal } from '../training';
import { values } from './define';
import type { ValuesOf } from './define';

/** Why a session is made up as it is, what was given up, and what is wrong with one. */
export const COMPOSE_REASONS = {
  'fits-standing': values<{ variationId: string; ladderId: string; stage: number; targetStage: number }>(),
  'fits-beside': values<{ variationId: string; ladderId: string }>(),
  'keeps-on': values<{ variationId: string }>(),
  'trains-muscle': values<{ variationId: string; emphasis: EmphasisId; setsWanted: number }>(),
  'answers-finding': values<{ variationId: string }>(),
  'warms-up': values<{ variationId: string }>(),
  restores: values<{ variationId: string }>(),
  'eases-off': values<{ variationId: string }>(),
  'taught-together': values<{ variationId: string }>(),
  'skill-to-practise': values<{ variationId: string }>(),
  'ends-by-goal': values<{ variationId: string; goal: Goal }>(),
  'for-power': values<{ variationId: string }>(),
  'for-second-goal': values<{ variationId: string; goal: Goal }>(),
  'for-task': values<{ variationId: string; task: DailyTask }>(),
  wanted: values<{ variationId: string }>(),
  'second-goal-left': values<{ goal: Goal; minutes: number }>(),
  'task-left': values<{ task: DailyTask; minutes: number }>(),
  'pairs-with': values<{ variationId: string; withVariationId: string }>(),
  'fewer-sets': values<{ variationId: string; sets: number; usualSets: number; minutes: number }>(),
  'more-sets': values<{ variationId: string; sets: number; usualSets: number }>(),
  'reps-by-zone': values<{ repsLow: number; repsHigh: number }>(),
  'sets-second': values<{ sets: number; usualSets: number }>(),
  'reps-by-test': values<{ repsLow: number; repsHigh: number; reserve: number }>(),
  'fewer-for-week': values<{
    variationId: string;
    sets: number;
    usualSets: number;
    emphasis: EmphasisId;
    most: number;
    cap: number;
  }>(),
  'fewer-for-others': values<{ variationId: string; sets: number; usualSets: number }>(),
  'fewer-for-plan': values<{ variationId: string; sets: number; usualSets: number }>(),
  'left-for-plan': values<{ variationId: string }>(),
  'gave-up-plan': values<{ emphasis: EmphasisId; setsWanted: number; sets: number }>(),
  'left-for-week': values<{ variationId: string; emphasis: EmphasisId; most: number; cap: number }>(),
  'left-for-exercises': values<{ variationId: string; most: number }>(),
  'left-for-others': values<{ variationId: string }>(),
  'dose-by-shape': values<{ shape: SessionShape; sets: number; restSeconds: number }>(),
  'shape-load': values<{ shape: SessionShape; loadKg: number; usualKg: number }>(),
  'rests-48h': values<{ family: Family; days: number }>(),
  'gave-up-exercises': values<{ emphasis: EmphasisId; setsWanted: number; sets: number; most: number }>(),
  'gave-up-muscle': values<{ emphasis: EmphasisId; setsWanted: number; sets: number; minutes: number }>(),
  'gave-up-week': values<{ emphasis: EmphasisId; setsWanted: number; sets: number; by: EmphasisId; most: number; cap: number }>(),
  'gave-up-others': values<{ emphasis: EmphasisId; setsWanted: number; sets: number }>(),
  'week-target': values<{ emphasis: EmphasisId; weekly: number; done: number; today: number }>(),
  'nothing-fits': values<{ minutes: number; leastMinutes: number }>(),
  'relax-minutes': values<{ minutes: number }>(),
  'relax-place': values<{ exercises: number }>(),
  'relax-limits': values<{ exercises: number }>(),
  'not-finished': values<{ nodes: number }>(),
  'chosen-by-hand': values<{ variationId: string }>(),
  'from-template': values<{ name: string }>(),
  'warn-shared-kit': values<{ variationId: string; otherId: string; item: KitItem }>(),
  'warn-minutes': values<{ minutes: number; budget: number }>(),
  'warn-order': values<{ variationId: string; beforeId: string }>(),
  'warn-locked': values<{ variationId: string }>(),
  'warn-setting': values<{ variationId: string }>(),
  'warn-48h': values<{ family: Family; days: number }>(),
  'warn-balance': values<{ kneeSets: number; hipSets: number }>(),
  'warn-unequal-rounds': values<{ variationId: string; sets: number; otherId: string; otherSets: number }>(),
  'warn-off-kit': values<{ variationId: string; loadKg: number; nearestKg: number }>(),
  'warn-twice': values<{ variationId: string }>(),
  'warn-prerequisite': values<{ variationId: string; prerequisiteId: string }>(),
};

export type ComposeReasons = ValuesOf<typeof COMPOSE_REASONS>;
