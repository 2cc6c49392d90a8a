import type { Bundle } from '@drubo/contracts/bundle';
import { placeSafetyOf, sessionIdFor } from '@drubo/contracts';
import type { KitDto } from '@drubo/contracts';
import { addDays, allowedLoads, dayNumber, daysBetween, roomOf } from '@drubo/core';
import type { Dose } from '@drubo/core';
import { builtInCatalogue, getVariation } from '@drubo/core/catalogue';
import type { Variation } from '@drubo/core/catalogue';
import { compose, planSheet, recentWork, trackAfter, usualShape } from '@drubo/core/composing';
import type { Block, PlannedItem, SheetInput, Track } from '@drubo/core/composing';
import { decideSession, PAIN_NOT_ASKED, standOn } from '@drubo/core/judging';
import type { ExerciseLog, JudgeContext, PastExercise } from '@drubo/core/judging';
import { aroundSession } from './afterwards';
import { daysOn } from './calendar';
import type { Story } from './cast';
import { knownOn } from './files';
import type { PersonFile } from './files';
import { diceFor } from './dice';
import { liftSets } from './lift';

type Sheet = Bundle['sheets'][number];

/** Everything one person leaves behind: sheets, sessions, sets, decisions and where they stand now. */
export type Life = Pick<Bundle, 'sheets' | 'sessions' | 'sessionRecords' | 'sets' | 'tracks' | 'decisions'>;

/** The arrangement of a sheet of big lifts alone. */
const STRAIGHT = {
  shape: 'straight-sets',
  intent: 'build',
  splitDay: null,
  minutesBudget: null,
  kitId: null,
  blocks: [{ id: 'b0', role: 'main', kind: 'straight', roundRestSeconds: 0 }] as Block[],
  isShaped: false,
  forDate: null,
} as const;

type Arranged = Pick<Sheet, 'shape' | 'blocks'> & { items: readonly (PlannedItem & { blockId: string })[] };

const sheetOf = (story: Story, number: number, { shape, blocks, items }: Arranged, createdAt: string): Sheet => {
  const id = `${story.key}-sheet-${String(number).padStart(3, '0')}`;
  return {
    id,
    personId: `${story.key}-person`,
    version: 1,
    attempt: 0,
    state: 'next',
    createdAt,
    plannedOn: createdAt.slice(0, 10),
    ...STRAIGHT,
    shape,
    blocks,
    items: items.map(({ dose, chosenWhy, ...item }, position) => ({
      isOwn: false,
      removed: false,
      position,
      ...item,
      id: `${id}-${item.slot}`,
      chosenWhy: [...chosenWhy],
      proposed: dose,
      dose,
    })),
  };
};

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
  const life: Life = { sheets: [], sessions: [], sessionRecords: [], sets: [], tracks: [], decisions: [] };
  const days = trainingDays(story, today);
  const starting = new Map<string, number>();
  const past = new Map<string, PastExercise[]>();
  const pastOf = (variationId: string): readonly PastExercise[] => past.get(variationId) ?? [];
  const { goal, trainingAge, massKg } = story.person;
  const safety = placeSafetyOf(kit, file?.intake.places[0]);
  const contextOn = (date: string): JudgeContext => ({
    catalogue: builtInCatalogue,
    kit,
    room: roomOf(kit, kit.items),
    person: { goal, trainingAge, massKg },
    limits: knownOn(file, story, date).health.limits,
    safety,
    pain: PAIN_NOT_ASKED,
  });
  let tracks: Track[] = [];

  const inputOn = (sessionsDone: number, date: string): SheetInput => {
    const last = days[sessionsDone - 1];
    const { screening } = knownOn(file, story, date);
    return {
      context: contextOn(date),
      starts: screening?.starts ?? [],
      aids: screening?.aids ?? {},
      drills: screening?.drills ?? [],
      dislikes: file?.intake.dislikes ?? [],
      daysPerWeek: file?.intake.daysPerWeek ?? null,
      secondGoal: file?.intake.secondGoal ?? null,
      tracks,
      stage: {
        sessionsDone,
        dayOfTraining: daysBetween(days[0] ?? today, date),
        daysSinceLast: last === undefined ? null : daysBetween(last, date),
      },
      schools: story.schools ?? {},
      day: dayNumber(date),
      pastOf,
    };
  };
  const bigLifts = (sessionsDone: number, date: string): Arranged => ({
    ...STRAIGHT,
    items: planSheet(inputOn(sessionsDone, date)).map((item) => ({ ...item, blockId: 'b0' })),
  });
  /** What the coming sheet is composed from: the week that was, and the day they come next. */
  const composed = (sessionsDone: number): Arranged => {
    const recent = recentWork(
      [...past].flatMap(([id, sessions]) =>
        sessions
          .filter(({ day }) => day > dayNumber(today) - 8)
          .map(({ day, sets }) => ({ day, sets, variation: getVariation(builtInCatalogue, id) })),
      ),
    );
    const input = { ...inputOn(sessionsDone, today), recent };
    const { minutes } = story.person;
    return compose(input, { shape: usualShape(input, minutes), minutes });
  };

  days.forEach((date, number) => {
    const startedAt = `${date}T${story.time}:00.000Z`;
    const sheet: Sheet = { ...sheetOf(story, number, bigLifts(number, date), startedAt), state: 'done' };
    const sessionId = sessionIdFor(sheet.id, 0);
    const context = contextOn(date);
    const logs = sheet.items.map((item): ExerciseLog => {
      const variation = getVariation(builtInCatalogue, item.variationId);
      const { values, method, dose } = item;
      const bodyKg = variation.bodyMassShare * (massKg ?? 70);
      const base = starting.get(variation.id) ?? firstCapacity(variation, dose, bodyKg) / strengthOn(story, date, today);
      starting.set(variation.id, base);
      const loads = allowedLoads(kit, context.limits, variation, values);
      const exercise = { variation, values, dose, method, loads, context, past: pastOf(variation.id), day: dayNumber(date) };
      const sets = liftSets({
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
      return { ...exercise, itemId: item.id, sets, bodyMassKg: massKg };
    });
    const sets = logs.flatMap((log) => log.sets);
    const isWaiting = story.events.lastUnreviewed === true && number === days.length - 1;
    const finishedAt = new Date(Date.parse(startedAt) + story.person.minutes * 60_000).toISOString();
    life.sheets.push(sheet);
    life.sets.push(...sets);
    const effort = dice.whole(5, 8);
    const session = { id: sessionId, startedAt, finishedAt, effort };
    life.sessionRecords.push(...aroundSession(story, session, days.length - number, saidDice));
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
    if (isWaiting) return;
    for (const proposal of decideSession(logs)) {
      const item = sheet.items.find((candidate) => candidate.id === proposal.itemId);
      if (!item) throw new Error(`no item ${proposal.itemId}`);
      const { verdict, dose, variationId, values } = proposal;
      const chosen = { itemId: item.id, verdict, dose, variationId, values };
      const track = trackAfter({ item, proposal, chosen, sessionDate: date });
      tracks = [...tracks.filter((other) => other.slot !== track.slot), track];
      life.decisions.push({ id: `${item.id}-decision`, sessionId, itemId: item.id, decidedAt: finishedAt, proposal, chosen });
    }
    for (const { variation, values, dose, day, sets: done } of logs) {
      past.set(variation.id, [...pastOf(variation.id), { sessionId, day, dose, values, sets: done }]);
    }
  });

  const createdAt = `${today}T05:00:00.000Z`;
  life.sheets.push(sheetOf(story, days.length, composed(days.length), createdAt));
  life.tracks = tracks.map((track) => {
    const { variationId, values, dose } = track;
    const sessions = pastOf(variationId);
    const standing = standOn({ catalogue: builtInCatalogue, kit, variationId, values, dose, bodyMassKg: massKg, sessions });
    return { personId: `${story.key}-person`, ...track, standing };
  });
  return life;
};

/** What somebody can lift once when they first meet a movement: about twelve reps of what it starts with. */
const firstCapacity = (variation: Variation, dose: Dose, bodyKg: number): number =>
  (bodyKg + Math.max(dose.load.externalKg, variation.unloadedAllowed ? 0 : 2)) * (1 + 12 / 30);
