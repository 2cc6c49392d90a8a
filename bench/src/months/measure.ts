import { getVariation } from '@drubo/core/catalogue';
import { rungsOf } from '@drubo/core/knowledge';
import { keepTo, restrictionsIn } from '@drubo/core/limits';
import { accessTo } from '@drubo/core/selection';
import { isEstimable } from '@drubo/core/strength';
import { allowedLoads } from '@drubo/core/dose';
import { countsFor, NEEDS, weekFor } from '@drubo/core/composing';
import { isSameDose } from '@drubo/core';
import type { WholePerson, WholeSession } from '@drubo/core/simulation';
import type { LifeMeasures } from './measures';
import { measureBlocks } from './measure-blocks';

/** Reps off the target beyond which a set is simply far too easy. House default. */
const FAR = 20;

type Item = WholeSession['sheet']['items'][number];

const roleOf = ({ sheet }: WholeSession, { blockId }: Item): string =>
  sheet.blocks.find(({ id }) => id === blockId)?.role ?? 'main';
const isWork = (session: WholeSession, item: Item): boolean => ['main', 'accessory'].includes(roleOf(session, item));

const state = ({ variationId, values, dose }: Item): string =>
  JSON.stringify([
    variationId,
    Object.entries(values).sort(),
    dose.sets,
    dose.repsLow,
    dose.repsHigh,
    dose.repsBeyond,
    dose.repsAim ?? 0,
    dose.seconds ?? 0,
    dose.load.externalKg,
    dose.tempo,
  ]);

/** Whether an exercise stands at an end of the rack, unloaded work among them. */
const isAtRacksEnd = (session: WholeSession, item: Item): boolean => {
  const { context } = session;
  const loads = allowedLoads(context.kit, context.limits, getVariation(context.catalogue, item.variationId), item.values);
  const kg = item.dose.load.externalKg;
  return loads.length < 2 || kg >= (loads.at(-1)?.externalKg ?? 0) - 0.01 || kg <= (loads[0]?.externalKg ?? 0) + 0.01;
};

const restrictedWrong = (session: WholeSession, item: Item): boolean => {
  const variation = getVariation(session.context.catalogue, item.variationId);
  const { values } = keepTo(variation, restrictionsIn(accessTo(variation, session.context).reasons));
  return Object.entries(values).some(([lever, value]) => {
    const scale = variation.levers.find((one) => one.lever === lever);
    const given = item.values[lever as keyof typeof item.values] ?? scale?.steps[scale.usual];
    if (!scale) return false;
    const at = (one: unknown) => scale.steps.findIndex((step) => step === one);
    return scale.ordered ? at(given) > at(value) : given !== value;
  });
};

/**
 * Whether a move goes over a stage of a ladder. Stages whose kit is missing may be passed to one whose own prerequisites were
 * done; a movement that stands on a ladder twice is reached by the nearer of its stages.
 */
const isLeap = ({ context }: WholeSession, from: string, to: string, done: ReadonlySet<string>): boolean => {
  const froms = rungsOf(from).filter(({ rung }) => !rung.aside);
  const tos = rungsOf(to).filter(({ rung }) => !rung.aside);
  const passes = getVariation(context.catalogue, to).prerequisites;
  return froms.some(({ ladder, rung: stood }) => {
    const above = tos.filter((one) => one.ladder.id === ladder.id && one.rung.stage > stood.stage);
    const isNext = above.some(({ rung }) =>
      rung.from.some((id) => ladder.rungs.some((other) => other.id === id && other.variationId === from)),
    );
    return above.length > 0 && !isNext && !(passes.length > 0 && passes.every((id) => done.has(id)));
  });
};

/** What one life amounts to. */
export const measureLife = (person: WholePerson, life: readonly WholeSession[]): LifeMeasures => {
  const found: LifeMeasures = {
    sessions: life.length,
    locked: 0,
    restricted: 0,
    loadUpAfterPain: 0,
    notAsAgreed: 0,
    overMinutes: 0,
    wideRanges: 0,
    leaps: 0,
    loansForGood: 0,
    stuck: 0,
    stretches: 0,
    stillPairs: 0,
    pairs: 0,
    firstBarWeek: null,
    floorsUnmet: 0,
    capsPlannedOver: 0,
    capsBroken: 0,
    weeksSeen: 0,
    verdicts: {},
    errorSum: 0,
    errorSets: 0,
    nearErrorSum: 0,
    heldErrorSum: 0,
    heldErrorSets: 0,
    toFailure: 0,
    hardRuns: 0,
    exercises: 0,
    mainsKept: 0,
    mains: 0,
    rotated: 0,
    rotations: 0,
    grown: 0,
    blocks: 0,
  };
  const done = new Set<string>();
  /** Bars that began empty by rule, until a set of them was said to leave less than the scale's top. */
  const beginsEmpty = new Set<string>();
  life.forEach((session, at) => {
    for (const item of session.sheet.items) {
      done.add(item.variationId);
      const variation = getVariation(session.context.catalogue, item.variationId);
      if (accessTo(variation, session.context).state === 'locked') found.locked += 1;
      else if (restrictedWrong(session, item)) found.restricted += 1;
      const width = item.dose.repsHigh - item.dose.repsLow + 1;
      if (item.dose.seconds === undefined && isWork(session, item) && width > (item.dose.repsLow >= 10 ? 6 : 5))
        found.wideRanges += 1;
      const isBar = item.dose.load.implements.some(({ type }) => type === 'bar' || type === 'trap-bar');
      if (isBar && found.firstBarWeek === null) found.firstBarWeek = session.week;
    }
    if (session.minutes > session.budget) found.overMinutes += 1;
    if (session.agreed) found.notAsAgreed += differences(session);
    for (const { proposal } of session.settled) {
      const verdict = proposal.verdict === 'move-up' && proposal.change?.lever === 'reps' ? 'move-up-reps' : proposal.verdict;
      found.verdicts[verdict] = (found.verdicts[verdict] ?? 0) + 1;
      const item = session.sheet.items.find(({ id }) => id === proposal.itemId);
      if (
        item &&
        proposal.variationId &&
        proposal.verdict === 'move-up' &&
        isLeap(session, item.variationId, proposal.variationId, done)
      )
        found.leaps += 1;
    }
    afterPain(session, life.slice(at + 1), found);
    const next = life.slice(at + 1).find((one) => !one.isOdd && one.sheet.dayRole === session.sheet.dayRole);
    if (!session.isOdd && session.sheet.dayRole !== null && next) {
      found.pairs += 1;
      const works = (one: WholeSession) =>
        one.sheet.items
          .filter((item) => isWork(one, item))
          .map((item) => state(item))
          .sort()
          .join();
      if (works(session) === works(next)) found.stillPairs += 1;
    }
    if (session.week >= 4 && !session.isOdd) {
      for (const truth of session.truths) {
        const item = session.sheet.items.find(({ id }) => id === truth.itemId);
        if (!item || !isWork(session, item) || isAtRacksEnd(session, item) || session.context.limits.length > 0) continue;
        if (!isEstimable(getVariation(session.context.catalogue, item.variationId))) continue;
        const isEased = item.memory?.eased !== undefined;
        const isHeld =
          isEased ||
          session.sheet.intent === 'lighter' ||
          beginsEmpty.has(item.variationId) ||
          (session.context.careful ?? []).length > 0 ||
          person.isAlone === true;
        const error = Math.abs(truth.margin - truth.target);
        found[isHeld ? 'heldErrorSum' : 'errorSum'] += error;
        if (!isHeld) found.nearErrorSum += Math.min(FAR, error);
        found[isHeld ? 'heldErrorSets' : 'errorSets'] += 1;
        if (truth.margin < 0) found.toFailure += 1;
      }
    }
    for (const { proposal } of session.settled) {
      if (proposal.variationId && proposal.reasons.some(({ code }) => code === 'empty-bar'))
        beginsEmpty.add(proposal.variationId);
    }
    for (const item of session.sheet.items) {
      const sets = session.ran.sets.filter(({ itemId, kind }) => itemId === item.id && kind === 'work');
      const isFound = sets.some(({ reserve, endedBy }) => endedBy === 'failure' || (reserve !== null && reserve < SCALE_TOP));
      if (isFound) beginsEmpty.delete(item.variationId);
    }
  });
  stillSlots(life, found);
  tooHardForWeeks(life, found);
  found.loansForGood = loansForGood(life);
  weekBalance(person, life, found);
  measureBlocks(life, found);
  return found;
};

/** Idle from this share of the minutes on; the first weeks are left alone. */
const IDLE = { share: 0.15, fromWeek: 2 } as const;
/** A set is not a half: what rounding of whole sets over a week's days leaves. */
const ROUNDING = 1;

/** Work sets of an exercise that were done: a planned one that the day took away is no hard set. Both sides share one. */
const setsDone = ({ ran }: WholeSession, { id }: Item): number =>
  new Set(ran.sets.filter(({ itemId, kind }) => itemId === id && kind === 'work').map(({ setIndex }) => setIndex)).size;

/** What whole weeks of the plan bring each need: as planned against its floor, as done against its cap. */
const weekBalance = (person: WholePerson, life: readonly WholeSession[], found: LifeMeasures): void => {
  const weeks = new Map<number, WholeSession[]>();
  for (const session of life) weeks.set(session.week, [...(weeks.get(session.week) ?? []), session]);
  for (const [week, sessions] of weeks) {
    const [first] = sessions;
    const isWhole =
      sessions.length >= person.daysPerWeek && sessions.every(({ isOdd, sheet }) => !isOdd && sheet.intent === 'build');
    if (!first || week < IDLE.fromWeek || !isWhole) continue;
    found.weeksSeen += 1;
    const setsOf = (need: (typeof NEEDS)[number], isDone: boolean): number =>
      sessions.reduce((sum, session) => {
        const share = session.sheet.shape === 'circuit' || session.sheet.shape === 'tempo-circuit' ? 0.5 : 1;
        const work = session.sheet.items.filter((item) => isWork(session, item));
        return (
          sum +
          work.reduce(
            (all, item) =>
              all +
              share *
                (isDone ? setsDone(session, item) : item.dose.sets) *
                countsFor(getVariation(session.context.catalogue, item.variationId), need),
            0,
          )
        );
      }, 0);
    const isIdle = sessions.every(({ minutes, budget }) => minutes < (1 - IDLE.share) * budget);
    const weekly = NEEDS.map((need) => ({
      planned: setsOf(need, false),
      done: setsOf(need, true),
      ...weekFor(need, first.input),
    }));
    if (isIdle && weekly.some(({ planned, floor }) => planned < floor - ROUNDING)) found.floorsUnmet += 1;
    if (weekly.some(({ planned, cap }) => planned > cap + ROUNDING)) found.capsPlannedOver += 1;
    if (weekly.some(({ done, cap }) => done > cap + ROUNDING)) found.capsBroken += 1;
  }
};

/** Exercises of a trained sheet that differ from the agreed one; what was listed and taken apart. */
const differences = ({ agreed, sheet, since }: WholeSession): number => {
  if (!agreed) return 0;
  let count = 0;
  for (const item of agreed.items) {
    const trained = sheet.items.find(({ id }) => id === item.id);
    // What changed since is a list that was shown and taken.
    if (since.some(({ itemId }) => itemId === item.id)) continue;
    if (!trained || trained.variationId !== item.variationId || !isSameDose(trained.dose, item.dose)) count += 1;
  }
  return count + sheet.items.filter(({ id }) => !agreed.items.some((item) => item.id === id)).length;
};

/** A load that rises over the painful session's own in the same movement, the next time it is prescribed. */
const afterPain = (session: WholeSession, later: readonly WholeSession[], found: LifeMeasures): void => {
  for (const item of session.sheet.items) {
    const sets = session.ran.sets.filter(({ itemId, kind }) => itemId === item.id && kind === 'work');
    if (!sets.some(({ jointPain }) => (jointPain ?? 0) >= 3)) continue;
    const doneKg = Math.max(...sets.map(({ externalKg }) => externalKg));
    const next = later.find((one) => one.sheet.items.some(({ variationId }) => variationId === item.variationId));
    const again = next?.sheet.items.find(({ variationId }) => variationId === item.variationId);
    if (again && again.dose.load.externalKg > doneKg + 0.01) found.loadUpAfterPain += 1;
  }
};

/** The most that is ever said to be left of a work set. */
const SCALE_TOP = 5;
const LONG = 12;

const stillSlots = (life: readonly WholeSession[], found: LifeMeasures): void => {
  const usual = life.filter(({ isOdd }) => !isOdd);
  const keyOf = ({ sheet }: WholeSession, { slot }: Item): string => `${sheet.dayRole}|${slot}`;
  const slots = new Set(
    usual.flatMap((session) =>
      session.sheet.dayRole === null
        ? []
        : session.sheet.items.filter((item) => isWork(session, item)).map((item) => keyOf(session, item)),
    ),
  );
  for (const slot of slots) {
    const seen = usual.flatMap((session) => {
      const item = session.sheet.items.find((one) => keyOf(session, one) === slot && isWork(session, one));
      return item ? [{ session, item }] : [];
    });
    for (let from = 0; from + LONG <= seen.length; from += LONG) {
      const stretch = seen.slice(from, from + LONG);
      if (stretch.some(({ session, item }) => session.context.limits.length > 0 && isAtRacksEnd(session, item))) continue;
      found.stretches += 1;
      if (new Set(stretch.map(({ item }) => state(item))).size === 1) found.stuck += 1;
    }
  }
};

/** So far under the reserve asked, and so many sessions running. House defaults. */
const HARD = { by: 1.5, sessions: 4, missed: -1 } as const;

/** What was said to be left of an exercise's work sets on average, a failed one as less than none; null where nobody spoke. */
const leftOf = ({ ran }: WholeSession, { id }: Item): number | null => {
  const said = ran.sets.flatMap(({ itemId, kind, endedBy, reserve }) =>
    itemId !== id || kind !== 'work' ? [] : endedBy === 'failure' ? HARD.missed : (reserve ?? []),
  );
  return said.length === 0 ? null : said.reduce<number>((sum, left) => sum + left, 0) / said.length;
};

const tooHardForWeeks = (life: readonly WholeSession[], found: LifeMeasures): void => {
  const running = new Map<string, number>();
  const end = (key: string): void => {
    const long = running.get(key) ?? 0;
    if (long >= HARD.sessions) found.hardRuns += long;
    running.delete(key);
  };
  for (const session of life.filter(({ isOdd }) => !isOdd)) {
    for (const item of session.sheet.items) {
      const left = isWork(session, item) && item.dose.seconds === undefined ? leftOf(session, item) : null;
      if (left === null) continue;
      const key = `${item.slot}|${item.variationId}`;
      found.exercises += 1;
      if (left <= item.dose.reserve - HARD.by) running.set(key, (running.get(key) ?? 0) + 1);
      else end(key);
    }
  }
  for (const key of [...running.keys()]) end(key);
};

/** Verdicts that take something off for a while. */
const EASED = /^(pain|fault|stall-lighter|eased|short|dip)/;

/**
 * Fewer sets, or a load eased to less than four fifths of what was planned and done, that never came back within eight
 * painless sessions of the movement. A load the belief itself took down is no loan, nor one that was said to be too hard twice, nor one that feelers found too heavy, nor a stage that was left and earned again.
 */
const loansForGood = (life: readonly WholeSession[]): number => {
  const usual = life.filter(({ isOdd, sheet }) => !isOdd && sheet.dayRole !== null);
  const bySlot = new Map<string, { item: Item; pain: boolean; codes: string[]; stoodKg: number }[]>();
  for (const session of usual) {
    for (const item of session.sheet.items.filter((one) => isWork(session, one))) {
      const pain = session.ran.sets.some(({ itemId, jointPain }) => itemId === item.id && (jointPain ?? 0) >= 3);
      const key = `${session.sheet.dayRole}|${item.slot}|${item.variationId}`;
      const settled = session.settled.find(({ itemId }) => itemId === item.id)?.proposal;
      const codes = settled?.verdict === 'ease-back' ? settled.reasons.map(({ code }) => code) : [];
      const works = session.ran.sets.filter(({ itemId, kind }) => itemId === item.id && kind === 'work');
      const stoodKg = Math.min(item.dose.load.externalKg, Math.max(0, ...works.map(({ externalKg }) => externalKg)));
      bySlot.set(key, [...(bySlot.get(key) ?? []), { item, pain, codes, stoodKg }]);
    }
  }
  let count = 0;
  for (const seen of bySlot.values()) {
    for (let at = 1; at + 8 < seen.length; at += 1) {
      const before = seen[at - 1];
      const now = seen[at];
      const after = seen.slice(at, at + 9);
      if (!before || !now || before.item.trackDose.sets < 2 || before.codes.includes('rung-below')) continue;
      const isEased =
        before.codes.some((code) => EASED.test(code)) &&
        !before.codes.some((code) => code === 'strength-estimate' || code === 'spent');
      const dropped = (one: Item) =>
        one.trackDose.sets < before.item.trackDose.sets || (isEased && one.dose.load.externalKg < 0.8 * before.stoodKg - 0.01);
      if (dropped(now.item) && after.every(({ item, pain }) => dropped(item) && !pain)) count += 1;
    }
  }
  return count;
};
