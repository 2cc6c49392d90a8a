import { bundle } from '@drubo/contracts/bundle';
import { makeDemoBundle } from '.';
import { CAST } from './cast';
import { demoBookings } from './make-bundle';

const TODAY = '2026-11-24';
const made = makeDemoBundle(TODAY);
const historyOf = (key: string) => made.sessions.filter((session) => session.personId === `${key}-person`);
const decisionsOf = (key: string, slot: string) =>
  made.decisions.filter((decision) => decision.itemId.startsWith(`${key}-`) && decision.itemId.endsWith(`-${slot}`));

it('is a valid bundle, and the same for the same day and seed', () => {
  expect(bundle.safeParse(made).error).toBeUndefined();
  // One of them made again stands for all: everybody's life is drawn by itself.
  const again = (seed?: number) =>
    makeDemoBundle(
      TODAY,
      seed,
      CAST.filter(({ key }) => key === 'bastian'),
    );
  const ofBastian = new Set(historyOf('bastian').map(({ id }) => id));
  const setsBefore = made.sets.filter(({ sessionId }) => ofBastian.has(sessionId));
  expect(setsBefore.length).toBeGreaterThan(100);
  expect(again().sets).toEqual(setsBefore);
  expect(again(7).sets).not.toEqual(setsBefore);
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

  it('the deckhand stalls: hardly a heavier squat over the last four weeks', () => {
    const late = decisionsOf('marit', 'squat').filter((decision) => decision.decidedAt > '2026-10-27');
    expect(late.length).toBeGreaterThanOrEqual(3);
    const loaded = late.filter(({ proposal }) => proposal.verdict === 'move-up' && proposal.change?.lever === 'load');
    expect(loaded.length).toBeLessThanOrEqual(1);
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
    expect(found.length).toBeGreaterThanOrEqual(1);
    expect(found.every((values) => 'weaker' in values && values.weaker === 'left')).toBe(true);
  });

  it('where a person stands is what the last decision about the movement left', () => {
    const tracks = made.tracks.filter(({ personId }) => personId === 'marit-person');
    const roleOf = new Map(
      made.sessions.map(({ id, sheetId }) => [id, made.sheets.find((sheet) => sheet.id === sheetId)?.dayRole]),
    );
    const left = tracks.flatMap((track) => {
      const last = decisionsOf('marit', track.slot)
        .filter(({ sessionId }) => roleOf.get(sessionId) === track.dayRole)
        .at(-1);
      return last ? [[track.dose.load, last.chosen.dose.load]] : [];
    });
    expect(left.length).toBeGreaterThanOrEqual(3);
    for (const [stands, chosen] of left) expect(stands).toEqual(chosen);
  });

  it('what somebody stands by names the sessions it was shown in', () => {
    const shown = made.standings.flatMap(({ personId, evidence }) => evidence.map(({ sessionId }) => ({ personId, sessionId })));
    expect(shown.length).toBeGreaterThan(20);
    const trained = new Set(made.sessions.map(({ id, personId }) => `${personId} ${id}`));
    expect(shown.filter(({ personId, sessionId }) => !trained.has(`${personId} ${sessionId}`))).toEqual([]);
  });

  it('a lift nobody knew began with feeler sets, a stage was earned, and every set lies on the rack', () => {
    expect(made.sets.filter((set) => set.kind === 'feeler').length).toBeGreaterThan(10);
    expect(made.decisions.some(({ proposal }) => proposal.variationId !== undefined)).toBe(true);
    expect(made.sets.every((set) => (set.reps ?? set.seconds ?? 0) > 0)).toBe(true);
  });
});

describe('the weeks', () => {
  const plansOf = (key: string) => made.plans.filter(({ personId }) => personId === `${key}-person`);
  const blockOf = (key: string) => plansOf(key).at(-1)?.plan?.block;
  const weekOf = (key: string): number | undefined =>
    blockOf(key)?.weeks.findLast(({ start }) => start <= Date.parse(TODAY) / 86_400_000)?.index;

  it('three people stand in different weeks of different blocks, each begun by the real engine', () => {
    const planned = ['marit', 'odran', 'bastian'];
    expect(new Set(made.plans.map(({ personId }) => personId))).toEqual(new Set(planned.map((key) => `${key}-person`)));
    expect(new Set(planned.map((key) => `${blockOf(key)?.number}/${weekOf(key)}`)).size).toBe(3);
    expect(planned.some((key) => (blockOf(key)?.number ?? 0) > 0)).toBe(true);
  });

  it('a later block says what stays and what changes', () => {
    const turned = plansOf('marit').at(-1)?.plan?.turned ?? [];
    expect(turned.some(({ rotation }) => rotation.stays)).toBe(true);
    expect(turned.some(({ rotation }) => !rotation.stays)).toBe(true);
  });

  it('waiting sheets are made for the next day of the plan, and lighter weeks were trained', () => {
    for (const key of ['marit', 'odran', 'bastian']) {
      const waiting = made.sheets.find(({ personId, state }) => personId === `${key}-person` && state === 'next');
      expect([key, waiting?.planDay?.startsWith(`${blockOf(key)?.id}/`)]).toEqual([key, true]);
    }
    const lighter = made.sheets.filter(
      ({ planDay, intent, state }) => planDay !== null && intent === 'lighter' && state === 'done',
    );
    expect(lighter.length).toBeGreaterThan(0);
  });
});
