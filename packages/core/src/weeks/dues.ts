import type { Due } from '../vocabulary';

/** What is looked at to say what falls due on a day. Days are whole days. */
export interface DueFrom {
  day: number;
  /** Days of the plan that were missed and not answered for. */
  missed: number;
  /** Undone days left in the block, today's counted; null: no plan. */
  daysLeft: number | null;
  isLighterWeek: boolean;
  /** Whether the signs ask for a lighter week and none is planned. */
  isLighterDue: boolean;
  /** Questions about limits that are open again. */
  questions: number;
  /** The day of the last finished screening, and of the last session; null: none. */
  screenedOn: number | null;
  trainedOn: number | null;
  /** Sessions that wait for their review. */
  toReview: number;
}

/** Days after which somebody is screened again, and the gap after which they are whatever the date. House default; engine.md. */
const SCREEN_AGAIN = { days: 84, gapDays: 56 } as const;

const isScreenedLongAgo = ({ day, screenedOn, trainedOn }: DueFrom): boolean => {
  if (screenedOn === null) return false;
  const isAfterGap = trainedOn !== null && day - trainedOn > SCREEN_AGAIN.gapDays && screenedOn <= trainedOn;
  return isAfterGap || day - screenedOn >= SCREEN_AGAIN.days;
};

/** What falls due for somebody on a day, what is about their safety first. */
export const duesOn = (from: DueFrom): Due[] => {
  const due: [Due, boolean][] = [
    ['limits-ask', from.questions > 0],
    ['screen-again', isScreenedLongAgo(from)],
    ['review', from.toReview > 0],
    ['plan-missed', from.missed > 0],
    ['lighter-due', from.isLighterDue],
    ['lighter-week', from.isLighterWeek],
    ['block-ends', from.daysLeft !== null && from.daysLeft <= 1],
  ];
  return due.flatMap(([name, isDue]) => (isDue ? [name] : []));
};
