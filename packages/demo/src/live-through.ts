import type { Bundle } from '@drubo/contracts/bundle';
import { checkInOf, placeSafetyOf, sessionIdFor } from '@drubo/contracts';
import type { KitDto } from '@drubo/contracts';
import { addDays, allowedLoads, dayNumber, daysBetween, roomOf } from '@drubo/core';
import type { Dose } from '@drubo/core';
import { builtInCatalogue, getVariation } from '@drubo/core/catalogue';
import type { Variation } from '@drubo/core/catalogue';
import { recentWork, standingsByLifts } from '@drubo/core/composing';
import type { SheetInput, Track } from '@drubo/core/composing';
import { decideSession, PAIN_NOT_ASKED } from '@drubo/core/judging';
import type { JudgeContext, KeptStanding, PastExercise } from '@drubo/core/judging';
import { afterReview, logsOf, nextSheet, sinceAgreed, withSince, withStandings } from '@drubo/core/loop';
import type { MadeAfter, RanSession, SheetPlan } from '@drubo/core/loop';
import { aroundSession } from './afterwards';
import { daysOn } from './calendar';
import type { Story } from './cast';
import { knownOn } from './files';
import type { PersonFile } from './files';
import { TRAINER_ID } from './trainer';
import { noWeeks, plannedOn, storedWeeks, weeksOn, withTrained } from './weeks';
import { diceFor } from './dice';
import { liftSets } from './lift';

type Sheet = Bundle['sheets'][number];

/** Everything one person leaves behind: sheets, sessions, sets, decisions and where they stand now. */
export type Life = Pick<
  Bundle,
  'sheets' | 'sessions' | 'sessionRecords' | 'sets' | 'tracks' | 'standings' | 'decisions' | 'plans'
>;

/** A plan as the bundle keeps it; exercises are named by their slot. */
const sheetOf = (story: Story, number: number, plan: SheetPlan, createdAt: string): Sheet => {
  const id = `${story.key}-sheet-${String(number).padStart(3, '0')}`;
  const { gaveUp: _, leftOff: __, items, blocks, ...shape } = plan;
  return {
    id,
    personId: `${story.key}-person`,
    version: 1,
    attempt: 0,
    state: 'next',
    createdAt,
    plannedOn: createdAt.slice(0, 10),
    forDate: null,
    ...shape,
    blocks: [...blocks],
    items: items.map(({ chosenWhy, ...item }, position) => ({
      ...item,
      removed: false,
      position,
      id: `${id}-${item.slot}`,
      chosenWhy: [...chosenWhy],
    })),
  };
};

/** The plan with the ids its stored sheet has. */
const asStored = (plan: SheetPlan, sheet: Sheet): SheetPlan => ({
  ...plan,
  items: plan.items.map((item, at) => ({ ...item, id: sheet.items[at]?.id ?? item.id })),
});

/** The days a story trains, its lay-off left out; never the day before today, when some come again. */
const trainingDays = ({ days, weeks, events }: Story, today: string): string[] =>
  daysOn(days, addDays(today, -7 * weeks), addDays(today, -1)).filter((date) => {
    const weeksAgo = daysBetween(date, today) / 7;
    return !events.layOff || weeksAgo > events.layOff.from || weeksAgo < events.layOff.to;
  });

/** Strength on a day: rises until a stall, and falls a little over a lay-off. */
const strengthOn = ({ strength, gainPerWeek, weeks, events }: Story, date: string, today: string): number => {
  const weeksAgo = daysBetween(date, today) / 7;
  const gaining = weeks - Math.max(weeksAgo, events.stallWeeksAgo ?? 0);
  const isBack = events.layOff && weeksAgo < events.layOff.to;
  const away = isBack && events.layOff ? events.layOff.from - events.layOff.to : 0;
  return (strength + gainPerWeek * Math.max(0, gaining - away)) * (isBack ? 0.95 : 1);
};

/** Runs a person through their weeks with the real planning, coaching and deciding code. */
export const liveThrough = (
  story: Story,
  { kit, file }: { kit: KitDto; file: PersonFile | null },
  today: string,
  seed: number,
): Life => {
  const dice = diceFor(seed, story.key);
  const saidDice = diceFor(seed, `${story.key} says`);
  const life: Life = {
    sheets: [],
    sessions: [],
    sessionRecords: [],
    sets: [],
    tracks: [],
    standings: [],
    decisions: [],
    plans: [],
  };
  const days = trainingDays(story, today);
  const starting = new Map<string, number>();
  const past = new Map<string, PastExercise[]>();
  const pastOf = (variationId: string): readonly PastExercise[] => past.get(variationId) ?? [];
  const { goal, trainingAge, massKg } = story.person;
  const safety = placeSafetyOf(kit, file?.intake.places[0]);
  const contextOn = (date: string): JudgeContext => {
    const { health, known } = knownOn(file, story, date);
    const { limits, careful, age } = health;
    return {
      catalogue: builtInCatalogue,
      kit,
      room: roomOf(kit, kit.items),
      person: { goal, trainingAge, massKg, age, known },
      careful,
      limits,
      safety,
      pain: PAIN_NOT_ASKED,
    };
  };
  const doneDays: string[] = [];
  let tracks: Track[] = [];
  let standings: KeptStanding[] = [];
  let agreed: SheetPlan | null = null;
  let last: SheetPlan | null = null;
  let weeks = noWeeks();
  let ids = 0;
  const newId = () => `${story.key}-new-${(ids += 1)}`;

  const inputOn = (date: string, trainsOn: string, now: readonly Track[], stands: readonly KeptStanding[]): SheetInput => {
    const before = doneDays.at(-1);
    const { screening } = knownOn(file, story, date);
    return {
      context: contextOn(date),
      starts: screening?.starts ?? [],
      aids: screening?.aids ?? {},
      drills: screening?.drills ?? [],
      dislikes: file?.intake.dislikes ?? [],
      chips: file?.intake.chips ?? [],
      daysPerWeek: file?.intake.daysPerWeek ?? null,
      secondGoal: file?.intake.secondGoal ?? null,
      tracks: now,
      standings: stands,
      stage: {
        sessionsDone: doneDays.length,
        dayOfTraining: daysBetween(doneDays[0] ?? date, date),
        daysSinceLast: before === undefined ? null : daysBetween(before, date),
      },
      schools: story.schools ?? {},
      recent: recentWork(
        [...past].flatMap(([id, sessions]) =>
          sessions
            .filter(({ day }) => day > dayNumber(date) - 10)
            .map(({ day, sets }) => ({ day, sets, variation: getVariation(builtInCatalogue, id) })),
        ),
      ),
      minutes: story.person.minutes,
      day: dayNumber(date),
      trainsOn: dayNumber(trainsOn),
      pastOf,
    };
  };
  /** The same with what the plan has for the day, where there is one. */
  const plannedFor = (input: SheetInput, date: string, trainsOn: string): SheetInput => {
    // What was missed lately still waits for an answer.
    const isAnswered = date < today && trainsOn < today;
    weeks = weeksOn(story, weeks, input, { date: today, on: trainsOn, firstDay: doneDays[0] ?? date, isAnswered });
    return plannedOn(weeks, input, trainsOn);
  };
  const after = (): MadeAfter => ({ minutes: story.person.minutes, last, pattern: last, waiting: null, newId });

  days.forEach((date, number) => {
    const startedAt = `${date}T${story.time}:00.000Z`;
    const input = plannedFor(inputOn(date, date, tracks, standings), date, date);
    const begun: SheetPlan = agreed ? withSince(input, agreed, sinceAgreed(input, agreed)) : nextSheet(input, after());
    const sheet: Sheet = { ...sheetOf(story, number, begun, startedAt), state: 'done' };
    const plan = asStored(begun, sheet);
    const sessionId = sessionIdFor(sheet.id, 0);
    const context = contextOn(date);
    const sets = plan.items.flatMap((item) => {
      const role = plan.blocks.find(({ id }) => id === item.blockId)?.role;
      // Drills and finishers are done and not written down.
      if (role === 'prep' || role === 'finisher') return [];
      const variation = getVariation(builtInCatalogue, item.variationId);
      const { values, method, dose } = item;
      const bodyKg = variation.bodyMassShare * (massKg ?? 70);
      const base = starting.get(variation.id) ?? firstCapacity(variation, dose, bodyKg) / strengthOn(story, date, today);
      starting.set(variation.id, base);
      const loads = allowedLoads(kit, context.limits, variation, values);
      const exercise = { variation, values, dose, method, loads, context, past: pastOf(variation.id), day: dayNumber(date) };
      return liftSets({
        story,
        advice: { ...exercise, feelers: item.feelers },
        item,
        session: { id: sessionId, startedAt },
        capacity: { maxTotalKg: base * strengthOn(story, date, today), bodyKg },
        sessionsLeft: days.length - number,
        sessionNumber: number,
        massKg,
        dice,
      });
    });
    const isWaiting = story.events.lastUnreviewed === true && number === days.length - 1;
    const finishedAt = new Date(Date.parse(startedAt) + story.person.minutes * 60_000).toISOString();
    life.sheets.push(sheet);
    life.sets.push(...sets);
    const effort = dice.whole(5, 8);
    const session = { id: sessionId, startedAt, finishedAt, effort };
    const records = aroundSession(story, session, days.length - number, saidDice);
    life.sessionRecords.push(...records);
    life.sessions.push({
      id: sessionId,
      sheetId: sheet.id,
      personId: sheet.personId,
      state: isWaiting ? 'finished' : 'reviewed',
      date,
      startedAt,
      finishedAt,
      effort,
      note: '',
      entry: 'live',
      minutes: null,
    });
    const ran: RanSession = {
      sessionId,
      date,
      day: dayNumber(date),
      sheet: plan,
      brought: [],
      changes: [],
      checkIn: checkInOf(records),
      sets,
    };
    doneDays.push(date);
    // A lighter day is no pattern for the next.
    if (plan.dayRole !== null || last === null) last = plan;
    const pastThen = new Map(past);
    const judgedWith = { context, bodyMassKg: massKg, pastOf: (id: string) => pastThen.get(id) ?? [] };
    for (const { id, variationId, values, dose } of plan.items) {
      const done = sets.filter(({ itemId }) => itemId === id);
      if (done.length > 0) past.set(variationId, [...pastOf(variationId), { sessionId, day: ran.day, dose, values, sets: done }]);
    }
    const nextDay = days[number + 1] ?? today;
    const settling = isWaiting ? { proposals: [] } : {};
    const decided = isWaiting ? [] : decideSession(logsOf(ran, judgedWith).logs);
    const movedUp = new Set(decided.flatMap(({ itemId, verdict }) => (verdict === 'move-up' ? [itemId] : [])));
    weeks = withTrained(weeks, plan, date, sets, movedUp);
    const bare = inputOn(date, nextDay, tracks, standings);
    const planned = plannedFor(bare, date, nextDay).planned;
    const plannedFrom = (now: readonly Track[], stands: readonly KeptStanding[]) => ({
      ...inputOn(date, nextDay, now, stands),
      ...(planned ? { planned } : {}),
    });
    const led = afterReview({ ran, judgedWith, choices: [], ...settling, tracks, standings, plannedFrom, after: after() });
    ({ tracks } = led);
    standings = withStandings(standings, led.stood);
    agreed = led.sheet;
    for (const { itemId, proposal, chosen } of led.settled) {
      life.decisions.push({
        id: `${itemId}-decision`,
        sessionId,
        itemId,
        trainerId: TRAINER_ID,
        decidedAt: finishedAt,
        proposal,
        chosen,
      });
    }
  });

  const createdAt = `${today}T05:00:00.000Z`;
  const input = plannedFor(inputOn(today, today, tracks, standings), today, today);
  const waiting: SheetPlan = agreed ?? nextSheet(input, after());
  life.sheets.push(sheetOf(story, days.length, waiting, createdAt));
  life.plans = storedWeeks(weeks);
  life.tracks = tracks.map(({ dayRole = 'all', memory = {}, ...track }) => ({
    personId: `${story.key}-person`,
    ...track,
    dayRole,
    memory,
  }));
  const byLifts = standingsByLifts(input, standings, today).taken;
  life.standings = withStandings(standings, byLifts).map((standing) => ({ personId: `${story.key}-person`, ...standing }));
  return life;
};

/** What somebody can lift once when they first meet a movement: about twelve reps of what it starts with. */
const firstCapacity = (variation: Variation, dose: Dose, bodyKg: number): number =>
  (bodyKg + Math.max(dose.load.externalKg, variation.unloadedAllowed ? 0 : 2)) * (1 + 12 / 30);
