import { bundle } from '@drubo/contracts/bundle';
import { currentSets, decideSession, loadsForVariation } from '@drubo/core';
import { builtInCatalogue, getVariation } from '@drubo/core/catalogue';
import { makeDemoBundle } from '.';

const TODAY = '2026-11-24';
const made = makeDemoBundle(TODAY);
const historyOf = (key: string) => made.sessions.filter((session) => session.personId === `${key}-person`);
const decisionsOf = (key: string, slot: string) =>
  made.decisions.filter((decision) => decision.itemId.startsWith(`${key}-`) && decision.itemId.endsWith(`-${slot}`));

it('is a valid bundle, and the same for the same day and seed', () => {
  expect(bundle.safeParse(made).error).toBeUndefined();
  expect(makeDemoBundle(TODAY)).toEqual(made);
  expect(makeDemoBundle(TODAY, 7).sets).not.toEqual(made.sets);
});

it('has eight people, four of them with at least three months of logs', () => {
  expect(made.people).toHaveLength(8);
  const spans = made.people.map(({ id }) => {
    const days = made.sessions.filter((session) => session.personId === id).map((session) => Date.parse(session.date));
    return days.length > 0 ? (Date.parse(TODAY) - Math.min(...days)) / 86_400_000 : 0;
  });
  expect(spans.filter((days) => days >= 91)).toHaveLength(4);
});

it('somebody comes on any weekday it is made on', () => {
  for (let day = 23; day < 30; day += 1) {
    const date = `2026-11-${day}`;
    const booked = makeDemoBundle(date).bookings.filter((booking) => booking.date === date);
    expect(new Set(booked.map((booking) => booking.personId)).size).toBe(booked.length);
    expect(booked.length).toBeGreaterThanOrEqual(4);
  }
});

describe('the logs exercise the decisions', () => {
  it('every verdict but leaving out occurs, each from the real engine', () => {
    const verdicts = new Set(made.decisions.map((decision) => decision.chosen.verdict));
    expect([...verdicts].sort()).toEqual(['ease-back', 'move-up', 'same-again']);
  });

  it('the deckhand stalls: no move up in the squat over the last four weeks', () => {
    const late = decisionsOf('marit', 'squat').filter((decision) => decision.decidedAt > '2026-10-27');
    expect(late.length).toBeGreaterThanOrEqual(6);
    expect(late.map((decision) => decision.chosen.verdict)).not.toContain('move-up');
  });

  it('the beekeeper’s sore knee eases the lunge back', () => {
    const last = decisionsOf('yusra', 'lunge').at(-1);
    expect(last?.proposal).toMatchObject({ verdict: 'ease-back', reasons: [{ code: 'pain-ease' }] });
  });

  it('the conductor was away for five weeks and waits for a review', () => {
    const days = historyOf('bastian')
      .map((session) => Date.parse(session.date) / 86_400_000)
      .sort((a, b) => a - b);
    expect(Math.max(...days.slice(1).map((day, at) => day - days[at]!))).toBeGreaterThanOrEqual(34);
    expect(historyOf('bastian').filter((session) => session.state === 'finished')).toHaveLength(1);
  });

  it('the cartographer’s left leg does fewer reps', () => {
    const sum = (side: string) =>
      made.sets
        .filter((set) => set.sessionId.startsWith('odran') && set.side === side)
        .reduce((all, set) => all + (set.reps ?? 0), 0);
    expect(sum('left')).toBeLessThan(sum('right'));
  });

  it('judging a stored session again gives the stored verdicts', () => {
    const session = historyOf('marit').at(-1)!;
    const sheet = made.sheets.find((candidate) => candidate.id === session.sheetId)!;
    const [kit] = made.kits;
    const logs = sheet.items.map((item) => {
      const variation = getVariation(builtInCatalogue, item.variationId);
      const sets = currentSets(made.sets.filter((set) => set.itemId === item.id));
      return {
        itemId: item.id,
        variation,
        dose: item.dose,
        method: item.method,
        sets,
        loads: loadsForVariation(kit!, variation),
        bodyMassKg: 68,
      };
    });
    const stored = made.decisions.filter((decision) => decision.sessionId === session.id).map((decision) => decision.proposal);
    expect(decideSession(logs)).toEqual(stored);
  });
});
