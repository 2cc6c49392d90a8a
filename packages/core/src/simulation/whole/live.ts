import type { SheetInput, Track } from '../../composer';
import type { SetRecord } from '../../log';
import {
  afterReview,
  askedWith,
  composeSheet,
  logsOf,
  minutesOf,
  nextSheet,
  setsPattern,
  sinceAgreed,
  withSince,
  withStandings,
} from '../../loop';
import type { FloorItem, JudgedWith, RanSession, SettledItem, SheetPlan, Since } from '../../loop';
import { decideSession } from '../../progression';
import type { ExerciseLog, JudgeContext, KeptStanding } from '../../progression';
import { checkSession, NOT_ASKED, onFloor } from '../../session';
import type { Checked, CheckIn, FloorChange } from '../../session';
import { dayNumber } from '../../units';
import type { JointArea } from '../../vocabulary';
import type { Random } from '../random';
import { newBody, newDay, trained } from './body';
import { contextOn, dateOf, healthOn, inputOn } from './context-on';
import type { Pasts } from './context-on';
import { trainExercise } from './floor';
import type { TrueSet } from './floor';
import type { WholePerson } from './person';
import { afterPlanDay, nextOfPlan } from './weeks';
import type { LifePlan, NextOfPlan } from './weeks';

/** One session of a simulated life, with everything a judge may want to look at. */
export interface WholeSession {
  week: number;
  /** Days since the first day. */
  day: number;
  /** The sheet as it was agreed after the last review; null before the first session, and on a day of its own. */
  agreed: SheetPlan | null;
  /** What changed since it was agreed, all of it taken. */
  since: readonly Since[];
  /** The sheet as it was trained. */
  sheet: SheetPlan;
  /** Whether the day had a shape, place or length of its own. */
  isOdd: boolean;
  minutes: number;
  /** Minutes it may have. */
  budget: number;
  ran: RanSession;
  context: JudgeContext;
  input: SheetInput;
  settled: readonly SettledItem[];
  truths: readonly TrueSet[];
  pains: ReadonlyMap<JointArea, number>;
  tracksAfter: readonly Track[];
  /** Where it stood in the person's plan; null: they had none. */
  ofPlan: NextOfPlan | null;
}

/** Days of the week somebody trains who comes so often, Monday 0. */
const DAYS: Record<number, readonly number[]> = { 1: [1], 2: [1, 4], 3: [0, 2, 4], 4: [0, 1, 3, 5] };

const painsOn = ({ flares = [] }: WholePerson, week: number): Map<JointArea, number> => {
  const pains = new Map<JointArea, number>();
  for (const { joint, fromWeek, weeks, level } of flares) {
    if (week < fromWeek || week >= fromWeek + weeks) continue;
    pains.set(joint, Math.max(level, pains.get(joint) ?? 0));
  }
  return pains;
};

const trainingDays = (random: Random, person: WholePerson, weeks: number): number[] => {
  const days: number[] = [];
  for (let week = 0; week < weeks; week += 1) {
    const isAway = (person.away ?? []).some(({ fromWeek, weeks: long }) => week >= fromWeek && week < fromWeek + long);
    for (const day of DAYS[person.daysPerWeek] ?? [1, 4]) {
      const isMissed = random() < person.missed;
      if (!isAway && !isMissed) days.push(week * 7 + day);
    }
  }
  return days;
};

/**
 * A person's months: each sheet made, trained and settled by the real loop, every proposal taken. Pure: the same random
 * stream gives the same life.
 * @param isPlanned whether sheets are cut from a plan of weeks
 */
export const liveWhole = (random: Random, person: WholePerson, weeks: number, isPlanned = false): WholeSession[] => {
  const body = newBody(random);
  const days = trainingDays(random, person, weeks);
  const pasts: Pasts = new Map();
  const doneDays: number[] = [];
  const life: WholeSession[] = [];
  let tracks: Track[] = [];
  let standings: KeptStanding[] = [];
  let agreed: SheetPlan | null = null;
  let ids = 0;
  const newId = () => `i${(ids += 1)}`;
  const lasts: SheetPlan[] = [];
  let upNext: NextOfPlan | null = null;
  const ahead = (input: SheetInput, plan: LifePlan | null, trainsOn: number): NextOfPlan | null => {
    const weekdays = DAYS[person.daysPerWeek] ?? [1, 4];
    const firstDay = doneDays[0] === undefined ? null : dayNumber(dateOf(doneDays[0]));
    return isPlanned ? nextOfPlan(input, plan, trainsOn, { weekdays, firstDay }) : null;
  };

  days.forEach((day, number) => {
    const week = Math.floor(day / 7);
    if (healthOn(person, day).state === 'see-clinician-first') return;
    const odd = (person.odd ?? []).find(
      (one) => one.week === week && !life.some((session) => session.isOdd && session.week === week),
    );
    const kit = odd?.kit ?? person.kit;
    newDay(random, body);
    const planned = { day, trainsOn: day, kit, tracks, standings, pasts, doneDays };
    const bare = inputOn(person, planned);
    const ofPlan: NextOfPlan | null = upNext ?? ahead(bare, null, bare.day);
    const input = { ...bare, ...(ofPlan ? { planned: ofPlan.planned } : {}) };
    const after = {
      minutes: person.minutes,
      last: lasts.at(-1) ?? null,
      pattern: lasts.at(-1) ?? null,
      waiting: null,
      newId,
    };
    const since = agreed ? sinceAgreed(input, agreed) : [];
    const made: SheetPlan = agreed ? withSince(input, agreed, since) : nextSheet(input, after);
    const budget = odd?.minutes ?? person.minutes;
    const sheet = odd
      ? {
          ...composeSheet(bare, {
            minutes: budget,
            last: { ...made, shape: odd.shape ?? made.shape, minutesBudget: budget },
            newId,
            intent: odd.intent,
          }),
          dayRole: null,
        }
      : made;
    const context = contextOn(person, day, kit, pasts);
    const judgedWith: JudgedWith = {
      context,
      bodyMassKg: person.massKg,
      pastOf: (variationId) => pasts.get(variationId) ?? [],
    };
    const pains = painsOn(person, week);
    const today = dayNumber(dateOf(day));
    const checkIn: CheckIn = {
      ...NOT_ASKED,
      joints: [...pains].map(([area, level]) => ({ area, side: 'both' as const, pain: Math.max(0, level - 1) })),
      morning: pains.size > 0 ? 'settled' : 'none',
    };
    const checked = sheet.items.map((item): Checked => {
      const log: ExerciseLog = { ...askedWith(item, judgedWith, today, checkIn), sets: [], bodyMassKg: person.massKg };
      return { itemId: item.id, variation: log.variation, dose: item.dose, setsLeft: item.dose.sets, log };
    });
    const changes: FloorChange<FloorItem>[] = checkSession(checkIn, checked).proposals.flatMap(({ change }) => change ?? []);
    const sessionId = `${person.key}-${number}`;
    const session = { id: sessionId, startedAt: `${dateOf(day)}T09:00:00.000Z`, number };
    const floor = onFloor<FloorItem>(sheet, changes);
    const sets: SetRecord[] = [];
    const truths: TrueSet[] = [];
    const families = new Set<Parameters<typeof trained>[2]>();
    for (const item of floor.content.items) {
      const plan = sheet.items.find(({ id }) => id === item.id);
      if (!plan || floor.left.has(item.id)) continue;
      const log = askedWith({ ...item, method: plan.method }, judgedWith, today, checkIn);
      if (!families.has(log.variation.family)) trained(body, person, log.variation.family, day, week);
      families.add(log.variation.family);
      const aimed = floor.setsAim.get(item.id)?.sets ?? item.dose.sets;
      const cutToday = changes.some((change) => change.kind === 'dose' && change.itemId === item.id);
      const isSeen = person.isAlone !== true || number % 4 === 0;
      const done = trainExercise(
        { random, person, body, session, pains, isSeen, bodyMassKg: person.massKg, cutToday },
        { ...item, method: plan.method },
        log,
        aimed,
      );
      sets.push(...done.sets);
      truths.push(...done.truths);
    }
    const ran: RanSession = { sessionId, date: dateOf(day), day: today, sheet, brought: [], changes, checkIn, sets };
    doneDays.push(day);
    if (!odd && setsPattern(sheet)) lasts.push(sheet);
    const judged = logsOf(ran, judgedWith);
    const nextDay = days[number + 1] ?? day + 3;
    const pastsAfter = withSession(pasts, ran, judged.floor.content.items);
    const proposals = decideSession(judged.logs);
    const movedUp = new Set(proposals.flatMap(({ itemId, verdict }) => (verdict === 'move-up' ? [itemId] : [])));
    const planAfter = ofPlan && afterPlanDay(ofPlan, ran, judged.floor.content.items, movedUp, input);
    const bareNext = inputOn(person, {
      tracks,
      standings,
      day,
      trainsOn: nextDay,
      kit: person.kit,
      pasts: pastsAfter,
      doneDays,
    });
    upNext = ahead(bareNext, planAfter, bareNext.trainsOn ?? bareNext.day);
    const settledNow = afterReview({
      ran,
      judgedWith,
      choices: [],
      proposals,
      tracks,
      standings,
      plannedFrom: (now, stands) => ({
        ...bareNext,
        tracks: now,
        standings: stands,
        ...(upNext ? { planned: upNext.planned } : {}),
      }),
      after: { ...after, last: lasts.at(-1) ?? null, pattern: lasts.at(-1) ?? null },
    });
    life.push({
      week,
      day,
      agreed: odd ? null : agreed,
      since: odd ? [] : since,
      sheet,
      isOdd: odd !== undefined,
      minutes: minutesOf(input, sheet),
      budget,
      ran,
      context,
      input,
      settled: settledNow.settled,
      truths,
      pains,
      tracksAfter: settledNow.tracks,
      ofPlan,
    });
    for (const [id, past] of pastsAfter) pasts.set(id, past);
    tracks = settledNow.tracks;
    standings = withStandings(standings, settledNow.stood);
    agreed = settledNow.sheet;
  });
  return life;
};

/** The history with one more session. */
const withSession = (pasts: Pasts, { sessionId, day, sets, sheet }: RanSession, items: readonly FloorItem[]): Pasts => {
  const next: Pasts = new Map(pasts);
  for (const item of items) {
    const done = sets.filter((set) => set.itemId === item.id);
    const planned = sheet.items.find(({ id }) => id === item.id) ?? item;
    if (done.length === 0) continue;
    const past = { sessionId, day, dose: planned.dose, values: planned.values, sets: done };
    next.set(item.variationId, [...(next.get(item.variationId) ?? []), past]);
  }
  return next;
};
