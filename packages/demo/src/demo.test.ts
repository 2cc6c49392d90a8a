import { bundle } from '@drubo/contracts/bundle';
import { currentSets, dayNumber, loadsForVariation } from '@drubo/core';
import { decideSession, PAIN_NOT_ASKED } from '@drubo/core/judging';
import { builtInCatalogue, getVariation } from '@drubo/core/catalogue';
import { makeDemoBundle } from '.';
import { demoBookings } from './make-bundle';

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
    const booked = demoBookings(date).filter((booking) => booking.date === date);
    expect(new Set(booked.map((booking) => booking.personId)).size).toBe(booked.length);
    expect(booked.length).toBeGreaterThanOrEqual(4);
  }
});

describe('the logs exercise the decisions', () => {
  it('every verdict but leaving out occurs, each from the real engine', () => {
    const verdicts = new Set(made.decisions.map((decision) => decision.chosen.verdict));
    expect([...verdicts].sort()).toEqual(['ease-back', 'move-up', 'same-again']);
  });

  it('the deckhand stalls: hardly a move up in the squat over the last four weeks, and the range is changed', () => {
    const late = decisionsOf('marit', 'squat').filter((decision) => decision.decidedAt > '2026-10-27');
    expect(late.length).toBeGreaterThanOrEqual(6);
    expect(late.filter((decision) => decision.chosen.verdict === 'move-up').length).toBeLessThanOrEqual(1);
  });

  it('the beekeeper’s sore knee eases the lunge back', () => {
    const last = decisionsOf('yusra', 'lunge').at(-1);
    expect(last?.proposal).toMatchObject({
      verdict: 'ease-back',
      reasons: expect.arrayContaining([expect.objectContaining({ code: 'pain-ease' })]),
    });
  });

  it('the conductor was away for five weeks and waits for a review', () => {
    const days = historyOf('bastian')
      .map((session) => Date.parse(session.date) / 86_400_000)
      .sort((a, b) => a - b);
    expect(Math.max(...days.slice(1).map((day, at) => day - days[at]!))).toBeGreaterThanOrEqual(34);
    expect(historyOf('bastian').filter((session) => session.state === 'finished')).toHaveLength(1);
  });

  it('the cartographer’s left leg is found to be the weaker, and then goes first', () => {
    const found = decisionsOf('odran', 'lunge').flatMap(({ proposal }) =>
      proposal.reasons.filter((reason) => reason.code === 'side-difference').map((reason) => reason.values),
    );
    expect(found.length).toBeGreaterThanOrEqual(2);
    expect(found.every((values) => 'weaker' in values && values.weaker === 'left')).toBe(true);
  });

  it('judging a stored session again gives the stored verdicts', () => {
    const sessions = historyOf('marit');
    const session = sessions.at(-1)!;
    const sheetOf = (sheetId: string) => made.sheets.find((candidate) => candidate.id === sheetId)!;
    const [kit] = made.kits;
    const logs = sheetOf(session.sheetId).items.map((item) => {
      const variation = getVariation(builtInCatalogue, item.variationId);
      const past = sessions.slice(0, -1).flatMap((earlier) =>
        sheetOf(earlier.sheetId)
          .items.filter(({ variationId }) => variationId === item.variationId)
          .map(({ id, dose, values }) => ({
            sessionId: earlier.id,
            day: dayNumber(earlier.date),
            dose,
            values,
            sets: made.sets.filter((set) => set.itemId === id),
          })),
      );
      return {
        itemId: item.id,
        variation,
        values: item.values,
        dose: item.dose,
        method: item.method,
        sets: currentSets(made.sets.filter((set) => set.itemId === item.id)),
        day: dayNumber(session.date),
        past,
        loads: loadsForVariation(kit!, variation, item.values),
        bodyMassKg: 68,
        context: {
          catalogue: builtInCatalogue,
          kit: kit!,
          room: null,
          person: { goal: 'build-muscle', trainingAge: 'intermediate', massKg: 68 } as const,
          limits: [],
          pain: PAIN_NOT_ASKED,
        },
      };
    });
    const stored = made.decisions.filter((decision) => decision.sessionId === session.id).map((decision) => decision.proposal);
    expect(decideSession(logs).map(({ verdict, dose }) => ({ verdict, dose }))).toEqual(
      stored.map(({ verdict, dose }) => ({ verdict, dose })),
    );
  });

  it('a lift nobody knew began with feeler sets, a stage was earned, and every set lies on the rack', () => {
    expect(made.sets.filter((set) => set.kind === 'feeler').length).toBeGreaterThan(10);
    expect(made.decisions.some(({ proposal }) => proposal.variationId !== undefined)).toBe(true);
    expect(made.sets.every((set) => set.reps !== null && set.reps > 0)).toBe(true);
  });
});
