import { dayNumber } from '@drubo/core';
import { findVariation } from '@drubo/core/catalogue';
import type { SessionId } from '@drubo/core/vocabulary';
import { dayOfKey, findDay, trainedDay } from '@drubo/core/weeks';
import type { Plan, PlanTrained } from '@drubo/core/weeks';
import type { Catalogue } from '@drubo/core/catalogue';
import type { PersonRow, SessionRow } from '../db/models';
import { donePlanDays, lastRevision } from '../db/queries/plans';
import type { Scope } from '../db/scope';
import type { ExerciseHistory } from './exercise-history';

/** What of somebody's file a plan is read with. */
interface PlanFrom {
  person: Pick<PersonRow, 'id'>;
  sessionsDone(): Promise<SessionRow[]>;
  historyBefore(startedBefore: string | null): Promise<ExerciseHistory>;
  catalogue(): Promise<Catalogue>;
}

/** A trained day with the session it was trained in. */
export type TrainedInSession = PlanTrained & { sessionId: SessionId };

/** A person's plan as it stands, and what of it was trained. */
export interface KeptPlan {
  /** 0: there never was one. */
  version: number;
  plan: Plan | null;
  /** Oldest first. */
  trained: TrainedInSession[];
}

/** What of a plan's days was trained, with what a block's end looks back on. `alsoMovedUp`: exercises whose review is being settled. */
export const trainedOf = async (
  scope: Scope,
  file: PlanFrom,
  plan: Plan,
  alsoMovedUp: readonly string[] = [],
): Promise<TrainedInSession[]> => {
  const days = new Map(
    (await donePlanDays(scope, file.person.id)).flatMap(({ planDay, sheetId }) => {
      const dayId = dayOfKey(plan.block, planDay);
      return dayId === null ? [] : [[sheetId, dayId] as const];
    }),
  );
  if (days.size === 0) return [];
  const ids = [...days.keys()];
  const [sheets, items, history, done, catalogue] = await Promise.all([
    scope.all('sheets', { id: ids }, { columns: ['id', 'dayRole', 'blocks'] }),
    scope.all('sheetItems', { sheetId: ids }, { columns: ['id', 'sheetId', 'slot', 'variationId', 'blockId', 'isOwn'] }),
    file.historyBefore(null),
    file.sessionsDone(),
    file.catalogue(),
  ]);
  const sessions = done.filter(({ sheetId }) => days.has(sheetId));
  const decisions = await scope.all('decisions', { sessionId: sessions.map(({ id }) => id) });
  const settledUp = decisions.flatMap(({ itemId, chosen }) => (chosen.verdict === 'move-up' ? [itemId] : []));
  const movedUp = new Set<string>([...settledUp, ...alsoMovedUp]);
  return sessions.flatMap(({ id: sessionId, sheetId, date }): TrainedInSession[] => {
    const dayId = days.get(sheetId) ?? '';
    const sheet = sheets.find(({ id }) => id === sheetId);
    const role = findDay(plan.block, dayId)?.day.role ?? sheet?.dayRole;
    if (!sheet || !role) return [];
    const exercises = items.flatMap((item) => {
      const variation = item.sheetId === sheetId ? findVariation(catalogue, item.variationId) : undefined;
      if (!variation) return [];
      const sets = history
        .of(item.variationId)
        .flatMap((past) => past.sets)
        .filter((set) => set.sessionId === sessionId && set.itemId === item.id);
      const of = sheet.blocks.find(({ id }) => id === item.blockId)?.role ?? null;
      return [{ slot: item.slot, variation, role: of, movedUp: movedUp.has(item.id), isWanted: item.isOwn, sets }];
    });
    return [{ ...trainedDay({ dayId, role }, dayNumber(date), exercises), sessionId }];
  });
};

/** The plan that stands and what of it was trained. */
export const keptPlan = async (scope: Scope, file: PlanFrom): Promise<KeptPlan> => {
  const row = await lastRevision(scope, file.person.id);
  if (!row?.plan) return { version: row?.revision ?? 0, plan: null, trained: [] };
  return { version: row.revision, plan: row.plan, trained: await trainedOf(scope, file, row.plan) };
};
