import { illness } from './rules/illness';
import { joints } from './rules/joints';
import { minutes } from './rules/minutes';
import { painkillers } from './rules/painkillers';
import { pressure } from './rules/pressure';
import { soreness } from './rules/soreness';
import type { Checked, CheckRule } from './rule';
import type { CheckIn, CheckResult, Proposal } from './types';

/** What stops a session first, then bodies, then the clock. */
const RULES: readonly CheckRule[] = [pressure, illness, joints, soreness, painkillers];

/** Nothing was asked. */
export const NOT_ASKED: CheckIn = {
  sleep: null,
  energy: null,
  illness: null,
  painkillers: null,
  soreness: null,
  joints: null,
  morning: null,
  outsideSport: null,
  pressure: null,
  minutes: null,
};

const strictest = (proposals: readonly Proposal[]): Proposal[] => {
  const left = new Set(proposals.flatMap(({ change }) => (change?.kind === 'leave' ? [change.itemId] : [])));
  const seen = new Set<string>();
  return proposals.filter(({ change }) => {
    if (!change) return true;
    const { kind, itemId } = change;
    // What is left needs no fewer sets; of two changes of the same kind the first, graver rule's stands.
    if ((kind !== 'leave' && left.has(itemId)) || seen.has(`${kind}-${itemId}`)) return false;
    seen.add(`${kind}-${itemId}`);
    return true;
  });
};

/** An exercise as the proposals so far leave it; null when they leave it out. */
const after = (item: Checked, proposals: readonly Proposal[]): Checked | null => {
  let { dose, setsLeft } = item;
  for (const { change } of proposals) {
    if (!change || change.itemId !== item.itemId) continue;
    if (change.kind === 'leave') return null;
    if (change.kind === 'dose') ({ dose } = change);
    if (change.kind === 'dose' || change.kind === 'sets') {
      const sets = change.kind === 'sets' ? change.sets : change.dose.sets;
      setsLeft = Math.max(0, setsLeft - Math.max(0, item.dose.sets - sets));
    }
  }
  return { ...item, dose, setsLeft };
};

/**
 * What today's answers change, as proposals with why; the strictest wins where several speak about one exercise. The
 * clock is asked last, of what the others leave.
 * @example checkSession({ ...NOT_ASKED, soreness: [{ muscle: 'front-thigh', level: 5 }] }, items).proposals
 */
export const checkSession = (checkIn: CheckIn, items: readonly Checked[]): CheckResult => {
  const answers = RULES.map((rule) => rule.check(checkIn, items));
  const stops = answers.flatMap((answer) => answer.stops);
  if (stops.length > 0) return { stops, proposals: [] };
  const bodily = strictest(answers.flatMap((answer) => answer.proposals));
  const rest = items.flatMap((item) => after(item, bodily) ?? []);
  return { stops, proposals: strictest([...bodily, ...minutes.check(checkIn, rest).proposals]) };
};
