import { reason } from '../vocabulary';
import type { LimitId, LoadPosition, Reason } from '../vocabulary';
import type { PersonLimit } from './limit-on';
import type { RestrictionId, UnlockId } from './types';

/** What a limit does to a weight by where it is held, whatever the movement is called. */
interface PositionRule {
  limit: LimitId;
  positions: readonly LoadPosition[];
  /** From this severity; 0 for a limit that is there or not. */
  locksFrom?: number;
  unlock: UnlockId;
  restrictsFrom?: number;
  how?: RestrictionId;
}

const HANDS: readonly LoadPosition[] = ['sides', 'bar-in-hands', 'trap-bar', 'suitcase', 'between-feet'];

/** Usual practice, written from memory: cautions, never a diagnosis. */
export const POSITION_RULES: readonly PositionRule[] = [
  { limit: 'pregnancy', positions: ['hips', 'belly'], locksFrom: 0, unlock: 'limit-gone' },
  { limit: 'hernia-caesarean', positions: ['hips', 'belly'], locksFrom: 0, unlock: 'clearance' },
  { limit: 'recent-birth', positions: ['hips', 'belly'], locksFrom: 0, unlock: 'clearance' },
  { limit: 'after-surgery', positions: ['hips', 'belly'], locksFrom: 0, unlock: 'clearance' },
  { limit: 'blood-thinners', positions: ['hips'], restrictsFrom: 0, how: 'thick-pad', unlock: 'clearance' },
  { limit: 'grip', positions: HANDS, restrictsFrom: 3, how: 'load-off-the-hands', locksFrom: 5, unlock: 'soreness-below-4' },
  { limit: 'shoulder', positions: ['back-bar'], locksFrom: 4, unlock: 'soreness-below-4' },
  {
    limit: 'shoulder',
    positions: ['front-bar'],
    restrictsFrom: 3,
    how: 'crossed-or-straps',
    locksFrom: 5.5,
    unlock: 'soreness-below-4',
  },
  { limit: 'shoulder', positions: ['overhead'], locksFrom: 3, unlock: 'soreness-below-4' },
];

/** An unknown severity is never taken as mild. */
const reaches = (severity: number | null, from: number | undefined): boolean =>
  from !== undefined && (from === 0 || severity === null || severity >= from);

/** What a person's limits make of a weight held there: locked, kept to something, or free; with every reason that speaks. */
export const positionOn = (
  position: LoadPosition,
  limits: readonly PersonLimit[],
): { state: 'locked' | 'restricted' | 'open'; reasons: Reason[] } => {
  const reasons = limits.flatMap(({ limit, severity, cleared = [] }) =>
    POSITION_RULES.filter((rule) => rule.limit === limit && rule.positions.includes(position)).flatMap((rule): Reason[] => {
      const felt = severity === null ? {} : { severity };
      // A clearance opens a weight again only where the limit itself can be cleared for it.
      const isCleared = cleared.length > 0 && rule.unlock === 'clearance' && limit !== 'hernia-caesarean';
      if (reaches(severity, rule.locksFrom) && !isCleared) {
        return [reason('position-locks', { limit, position, unlock: rule.unlock, ...felt }, 'common-practice')];
      }
      return rule.how && reaches(severity, rule.restrictsFrom)
        ? [reason('position-restricts', { limit, position, how: rule.how, ...felt }, 'common-practice')]
        : [];
    }),
  );
  const isLocked = reasons.some(({ code }) => code === 'position-locks');
  return { state: isLocked ? 'locked' : reasons.length > 0 ? 'restricted' : 'open', reasons };
};
