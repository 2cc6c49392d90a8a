import type { EmphasisId, Reason, Role } from '../vocabulary';
import { reason } from '../vocabulary';

/** What an exercise did in the block that ends. */
export interface InBlock {
  slot: string;
  role: Extract<Role, 'main' | 'accessory'>;
  variationId: string;
  sessions: number;
  /** Whether anything of it moved up: a load, reps, sets, a setting, a stage. */
  movedUp: boolean;
  /** Whether the person asked for it by name. */
  isWanted: boolean;
  /** Whether something else that is open to them trains the same; left out: it does. */
  hasOther?: boolean;
}

/** What becomes of it in the next block. */
export interface Rotation {
  slot: string;
  variationId: string;
  stays: boolean;
  why: Reason;
}

/** Fewest sessions that show that something doesn't move, and accessories that change at least where a sheet has enough. House defaults. */
const ROTATES = { sessions: 4, accessories: 2, ofAtLeast: 2 } as const;

const staysBy = ({ role, isWanted, hasOther = true }: InBlock) => {
  if (role === 'main') return 'stays-main';
  if (isWanted) return 'stays-wanted';
  return hasOther ? 'stays-moving' : 'stays-only';
};

/**
 * What stays and what changes on days of one role when a block ends. Big lifts stay, unless one moved nowhere in enough sessions; in the first eight
 * weeks all do. Accessories that moved nowhere change, then those that were there longest, until two have; what was asked for by name
 * stays.
 */
export const rotate = (
  done: readonly InBlock[],
  { isNew, lacking }: { isNew: boolean; lacking: readonly EmphasisId[] },
): Rotation[] => {
  // Where nothing else trains the same, there is nothing to change to.
  const accessories = done.filter(({ role, isWanted, hasOther = true }) => role === 'accessory' && !isWanted && hasOther);
  const isStill = ({ sessions, movedUp }: InBlock): boolean => sessions >= ROTATES.sessions && !movedUp;
  // What a muscle that lacked sets was given didn't do: it goes before one that was enough.
  const lacked = ({ slot }: InBlock): boolean => lacking.some((muscle) => muscle === slot);
  const byNeed = [...accessories].sort(
    (a, b) => Number(isStill(b)) - Number(isStill(a)) || Number(lacked(b)) - Number(lacked(a)) || b.sessions - a.sessions,
  );
  const least = accessories.length >= ROTATES.ofAtLeast ? ROTATES.accessories : 0;
  const goes = new Set(byNeed.filter((one, at) => at < least || isStill(one)));
  return done.map((one): Rotation => {
    const { slot, variationId, role, sessions } = one;
    const changes = role === 'accessory' ? goes.has(one) : !isNew && isStill(one);
    const code = changes ? (isStill(one) ? 'rotates-still' : lacked(one) ? 'rotates-lacked' : 'rotates-turn') : null;
    const why = code
      ? reason(code, { variationId, sessions }, 'common-practice')
      : reason(staysBy(one), { variationId }, 'common-practice');
    return { slot, variationId, stays: !changes, why };
  });
};
