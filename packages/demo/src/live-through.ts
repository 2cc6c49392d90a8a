import type { Bundle } from '@drubo/contracts/bundle';
import { sessionIdFor } from '@drubo/contracts';
import { decideSession, loadsForVariation, planSheet, trackAfter } from '@drubo/core';
import type { Kit, PlannedItem, SetRecord, Track } from '@drubo/core';
import { builtInCatalogue, getVariation } from '@drubo/core/catalogue';
import { addDays, daysBetween, daysOn } from './calendar';
import type { Story } from './cast';
import { diceFor } from './dice';
import { liftSets } from './lift';

type Sheet = Bundle['sheets'][number];

/** Everything one person leaves behind: sheets, sessions, sets, decisions and where they stand now. */
export type Life = Pick<Bundle, 'sheets' | 'sessions' | 'sets' | 'tracks' | 'decisions'>;

const sheetOf = (story: Story, number: number, planned: readonly PlannedItem[], createdAt: string): Sheet => {
  const id = `${story.key}-sheet-${String(number).padStart(3, '0')}`;
  return {
    id,
    personId: `${story.key}-person`,
    version: 1,
    attempt: 0,
    state: 'next',
    createdAt,
    items: planned.map(({ dose, ...item }, position) => ({
      id: `${id}-${item.slot}`,
      position,
      ...item,
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

/** Runs a person through their weeks with the real planning and deciding code. */
export const liveThrough = (story: Story, kit: Kit, today: string, seed: number): Life => {
  const dice = diceFor(seed, story.key);
  const life: Life = { sheets: [], sessions: [], sets: [], tracks: [], decisions: [] };
  const days = trainingDays(story, today);
  const starting = new Map<string, number>();
  let tracks: Track[] = [];

  const plan = (sessionsDone: number, date: string) =>
    planSheet({
      person: story.person,
      tracks,
      stage: { sessionsDone, dayOfTraining: daysBetween(days[0] ?? today, date) },
      kit,
      catalogue: builtInCatalogue,
    });

  days.forEach((date, number) => {
    const startedAt = `${date}T${story.time}:00.000Z`;
    const sheet: Sheet = { ...sheetOf(story, number, plan(number, date), startedAt), state: 'done' };
    const sessionId = sessionIdFor(sheet.id, 0);
    const sets: SetRecord[] = [];
    const logs = sheet.items.map((item) => {
      const variation = getVariation(builtInCatalogue, item.variationId);
      const bodyKg = variation.bodyMassShare * (story.person.massKg ?? 70);
      const base = starting.get(item.slot) ?? (bodyKg + item.dose.load.externalKg) * (1 + 12 / 30);
      starting.set(item.slot, base);
      const done = liftSets({
        story,
        variation,
        item,
        session: { id: sessionId, startedAt },
        capacity: { maxTotalKg: base * strengthOn(story, date, today), bodyKg },
        sessionsLeft: days.length - number,
        sessionNumber: number,
        massKg: story.person.massKg,
        dice,
      });
      sets.push(...done);
      const loads = loadsForVariation(kit, variation);
      return {
        itemId: item.id,
        variation,
        dose: item.dose,
        method: item.method,
        sets: done,
        loads,
        bodyMassKg: story.person.massKg,
      };
    });
    const isWaiting = story.events.lastUnreviewed === true && number === days.length - 1;
    const finishedAt = new Date(Date.parse(startedAt) + story.person.minutes * 60_000).toISOString();
    life.sheets.push(sheet);
    life.sets.push(...sets);
    life.sessions.push({
      id: sessionId,
      sheetId: sheet.id,
      personId: sheet.personId,
      state: isWaiting ? 'finished' : 'reviewed',
      date,
      startedAt,
      finishedAt,
      effort: dice.whole(5, 8),
      note: '',
    });
    if (isWaiting) return;
    for (const proposal of decideSession(logs)) {
      const item = sheet.items.find((candidate) => candidate.id === proposal.itemId);
      if (!item) throw new Error(`no item ${proposal.itemId}`);
      const chosen = { itemId: item.id, verdict: proposal.verdict, dose: proposal.dose };
      const track = trackAfter({ item, proposal, chosen, sessionDate: date });
      tracks = [...tracks.filter((other) => other.slot !== track.slot), track];
      life.decisions.push({ id: `${item.id}-decision`, sessionId, itemId: item.id, decidedAt: finishedAt, proposal, chosen });
    }
  });

  const createdAt = `${today}T05:00:00.000Z`;
  life.sheets.push(sheetOf(story, days.length, plan(days.length, today), createdAt));
  life.tracks = tracks.map((track) => ({ personId: `${story.key}-person`, ...track }));
  return life;
};
