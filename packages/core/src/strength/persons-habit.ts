import { trustedReports } from './estimator/trusted-reports';
import type { PastSession } from './history';

/** So many reports, and this share of them the same, make one lift's habit the person's. House defaults. */
const PERSONS_HABIT = { reports: 20, share: 0.9 } as const;

/**
 * The number somebody gives whatever was left: nearly all they report is the same, and in one lift at least what they did
 * showed it wrong. Null: none. `histories`: one per lift and leg, of the last weeks.
 */
export const habitAmong = (histories: readonly (readonly PastSession[])[], reserveCap: number): number | null => {
  const counts = new Map<number, number>();
  let all = 0;
  for (const { reserve, failed } of histories.flat().flatMap(({ sets }) => sets)) {
    if (reserve === null || failed) continue;
    all += 1;
    counts.set(reserve, (counts.get(reserve) ?? 0) + 1);
  }
  const [usual] = [...counts].sort(([, a], [, b]) => b - a);
  if (!usual || all < PERSONS_HABIT.reports || usual[0] >= reserveCap || usual[1] < PERSONS_HABIT.share * all) return null;
  return histories.some((history) => trustedReports(history, { reserveCap }) !== history) ? usual[0] : null;
};
