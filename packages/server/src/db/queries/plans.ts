import type { PersonId, SheetId } from '@drubo/core/vocabulary';
import type { Plan } from '@drubo/core/weeks';
import type { Scope } from '../scope';

/** Blocks that are over and looked back on. House default. */
const BLOCKS_BACK = 24;

/** Sheets of plan days that were done, of any block: which day each was, and when its session began. */
export const donePlanDays = (scope: Scope, personId: PersonId): Promise<{ planDay: string; sheetId: SheetId }[]> =>
  scope.select(
    `SELECT planDay, id AS sheetId FROM sheets
      WHERE studioId = :studioId AND personId = :personId AND planDay IS NOT NULL AND state = 'done'`,
    { personId },
  );

/** The last revision of each block before one, the newest first. */
export const blocksBefore = async (scope: Scope, personId: PersonId, blockId: string): Promise<Plan[]> => {
  const rows = await scope.select<{ plan: string }>(
    `SELECT plan FROM plan_revisions AS kept
      WHERE studioId = :studioId AND personId = :personId AND blockId IS NOT NULL AND blockId <> :blockId
        AND revision = (SELECT MAX(revision) FROM plan_revisions AS other
          WHERE other.studioId = kept.studioId AND other.personId = kept.personId AND other.blockId = kept.blockId)
      ORDER BY revision DESC LIMIT ${BLOCKS_BACK}`,
    { personId, blockId },
  );
  return rows.map(({ plan }) => JSON.parse(plan) as Plan);
};

/** Whose weeks are planned as things stand. */
export const peoplePlanned = async (scope: Scope): Promise<PersonId[]> => {
  const rows = await scope.select<{ personId: PersonId }>(
    `SELECT personId FROM plan_revisions AS kept
      WHERE studioId = :studioId AND blockId IS NOT NULL
        AND revision = (SELECT MAX(revision) FROM plan_revisions AS other
          WHERE other.studioId = kept.studioId AND other.personId = kept.personId)`,
    {},
  );
  return rows.map(({ personId }) => personId);
};

/** The revision that stands; none: there never was a plan. */
export const lastRevision = async (scope: Scope, personId: PersonId) =>
  (await scope.all('planRevisions', { personId }, { order: [['revision', 'DESC']], limit: 1 }))[0] ?? null;
