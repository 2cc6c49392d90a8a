import type { WholeSession } from '@drubo/core/simulation';
import type { LifeMeasures } from './measures';

type Item = WholeSession['sheet']['items'][number];

const ofRole = ({ sheet }: WholeSession, role: string): Item[] =>
  sheet.items.filter(({ blockId }) => sheet.blocks.find(({ id }) => id === blockId)?.role === role);

const workSets = (sessions: readonly WholeSession[]): number =>
  sessions.reduce(
    (sum, session) =>
      sum + [...ofRole(session, 'main'), ...ofRole(session, 'accessory')].reduce((all, { dose }) => all + dose.sets, 0),
    0,
  );

/** Sessions of one life by the block of the plan they belong to; without a plan none. */
const byBlock = (life: readonly WholeSession[]): WholeSession[][] => {
  const blocks = new Map<number, WholeSession[]>();
  for (const session of life) {
    const number = session.ofPlan?.plan.block.number;
    if (number === undefined || session.isOdd) continue;
    blocks.set(number, [...(blocks.get(number) ?? []), session]);
  }
  return [...blocks.values()];
};

const rolesIn = (block: readonly WholeSession[]) => new Set(block.flatMap(({ sheet }) => sheet.dayRole ?? []));

const mainsWithin = (block: readonly WholeSession[], found: LifeMeasures): void => {
  for (const role of rolesIn(block)) {
    const sheets = block.filter(({ sheet }) => sheet.dayRole === role);
    sheets.slice(1).forEach((session, at) => {
      const before = sheets[at];
      for (const { slot, variationId } of ofRole(session, 'main')) {
        const was = before && ofRole(before, 'main').find((item) => item.slot === slot);
        if (!was) continue;
        found.mains += 1;
        if (was.variationId === variationId) found.mainsKept += 1;
      }
    });
  }
};

const accessoriesAcross = (before: readonly WholeSession[], block: readonly WholeSession[], found: LifeMeasures): void => {
  for (const role of rolesIn(block)) {
    const idsOf = (sessions: readonly WholeSession[]) =>
      new Set(
        sessions
          .filter(({ sheet }) => sheet.dayRole === role)
          .flatMap((session) => ofRole(session, 'accessory').map(({ variationId }) => variationId)),
      );
    const most = Math.max(
      0,
      ...block.filter(({ sheet }) => sheet.dayRole === role).map((one) => ofRole(one, 'accessory').length),
    );
    const old = idsOf(before);
    if (most < 3 || old.size === 0) continue;
    found.rotations += 1;
    if ([...idsOf(block)].filter((id) => !old.has(id)).length >= 2) found.rotated += 1;
  }
};

/** How much more the last loading week must hold than the first. */
const GROWN = 1.1;

const growthOf = (block: readonly WholeSession[], found: LifeMeasures): void => {
  const plan = block.at(-1)?.ofPlan?.plan.block;
  const loading = plan?.weeks.filter(({ kind }) => kind === 'loading') ?? [];
  const of = (week: (typeof loading)[number] | undefined) =>
    block.filter(({ ofPlan }) => ofPlan && week?.days.some(({ id }) => id === ofPlan.planDay.id));
  const [first, last] = [of(loading[0]), of(loading.at(-1))];
  const isUnbroken = [...first, ...last].every(({ pains }) => pains.size === 0);
  if (first.length === 0 || first.length !== last.length || !isUnbroken) return;
  found.blocks += 1;
  if (workSets(last) >= GROWN * workSets(first)) found.grown += 1;
};

/** What the blocks of one life amount to: what stayed, what changed between them, what grew. */
export const measureBlocks = (life: readonly WholeSession[], found: LifeMeasures): void => {
  const blocks = byBlock(life);
  blocks.forEach((block, at) => {
    mainsWithin(block, found);
    growthOf(block, found);
    const before = blocks[at - 1];
    if (before) accessoriesAcross(before, block, found);
  });
};
