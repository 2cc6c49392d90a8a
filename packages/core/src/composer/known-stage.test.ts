import { builtInCatalogue } from '../catalogue';
import { defaultKit, roomOf } from '../kit';
import type { PersonLimit } from '../limits';
import { aJudgeContext, aKnownLift } from '../testing';
import { STUDIO_ITEMS } from '../vocabulary';
import type { KnownLift } from '../strength';
import { compose, placedOn, placementLock, planItem, standingsByLifts } from '.';
import { ladderOf, standingFor } from './choose-start';
import type { SheetInput } from '.';

const kit = defaultKit('kg');
const inputFor = (known: readonly KnownLift[], limits: readonly PersonLimit[] = []): SheetInput => ({
  context: aJudgeContext({
    kit,
    room: roomOf(kit, STUDIO_ITEMS),
    person: { goal: 'get-stronger', trainingAge: 'advanced', massKg: 84, known },
    limits,
  }),
  tracks: [],
  stage: { sessionsDone: 0, dayOfTraining: 0, daysSinceLast: null },
  schools: {},
  minutes: 60,
  day: 100,
  pastOf: () => [],
});
const startChoice = ({ context }: SheetInput) => ({ context, starts: [], aids: {}, dislikes: [] });
const squatOn = (input: SheetInput) => {
  const made = compose(input, { shape: 'straight-sets', intent: 'build', minutes: 60 });
  return made.items.find(({ slot }) => slot === 'squat');
};
const lift140 = aKnownLift({ loadKg: 140, reps: 3, reserve: 1 });

// Source: the practice's own rule for known lifts; the movements' order is in the ladder.
describe('a known lift on the first sheet', () => {
  it('seen lately: the bar, at a load it bears, ramped and without feelers, and says why', () => {
    const squat = squatOn(inputFor([lift140]));
    expect(squat).toMatchObject({ variationId: 'back-squat', feelers: 0 });
    expect(squat?.dose.load.externalKg).toBeGreaterThan(90);
    expect(squat?.dose.load.externalKg).toBeLessThan(125);
    expect(squat?.chosenWhy.map(({ code }) => code)).toContain('start-known-lift');
    expect(squat?.why.load.map(({ code }) => code)).toContain('load-from-known-lift');
  });

  it('only told of: a stage lower, with feelers, from half of what it says at most', () => {
    const squat = squatOn(inputFor([{ ...lift140, source: 'told', heldBy: ['told'] }]));
    expect(squat?.variationId).toBe('back-squat-to-box');
    expect(squat?.feelers).toBe(2);
    expect(squat?.dose.load.externalKg).toBeLessThanOrEqual(70);
    expect(squat?.chosenWhy.map(({ code }) => code)).toContain('known-lift-lower');
  });

  it('a lift lower than the usual start lowers nobody, and none at all changes nothing', () => {
    const low = standingFor(
      'squat',
      startChoice(inputFor([aKnownLift({ variationId: 'bodyweight-box-squat', loadKg: 0, reps: 20 })])),
    );
    expect(low.target.id).toBe('goblet');
    expect(squatOn(inputFor([]))?.variationId).toBe('goblet-squat');
  });

  it('limits overrule it: a back that is sore to bend takes no bar', () => {
    const sore: PersonLimit = { limit: 'low-back-bending', severity: 6, side: 'both', cleared: [] };
    expect(squatOn(inputFor([lift140], [sore]))?.variationId).not.toBe('back-squat');
  });

  it('tells of its relatives too: a front squat begins heavier than a guess, not over its ratio', () => {
    const start = { variationId: 'front-squat', values: {}, reasons: [] };
    const kg = (known: KnownLift[]) => planItem(inputFor(known), { slot: 'x', role: 'main' }, start).trackDose.load.externalKg;
    expect(kg([lift140])).toBeGreaterThan(kg([]));
    expect(kg([lift140])).toBeLessThan(0.82 * 140);
    expect(kg([{ ...lift140, heldBy: ['old'] }])).toBeLessThanOrEqual(0.5 * kg([lift140]) + 2.5);
  });
});

describe('placing by hand', () => {
  const squat = ladderOf('two-leg-squat');
  const rung = (id: string) => squat.rungs.find((one) => one.id === id)!;

  it('keeps the dose that belongs to the rung: its sets, its own reps or seconds, never nothing on a bar', () => {
    const chair = placedOn(inputFor([]), 'squat', rung('chair'));
    expect(chair).toMatchObject({ variationId: 'chair-sit-to-stand', values: { support: 'two-hands' } });
    const back = placedOn(inputFor([]), 'squat', rung('back'));
    expect(back.dose.load.externalKg).toBeGreaterThanOrEqual(20);
    expect(back.dose.repsAim).toBe(back.dose.repsLow);
    const side = ladderOf('hamstring-bridge').rungs.find(({ variationId }) => {
      const found = builtInCatalogue.variations.find(({ id }) => id === variationId);
      return found?.seconds !== null && found?.seconds !== undefined;
    });
    if (side) expect(placedOn(inputFor([]), 'bridge', side).dose.seconds).toBeGreaterThan(0);
  });

  it('is refused on a lock and above one, with the lock’s reason', () => {
    const sore: PersonLimit = { limit: 'low-back-bending', severity: 6, side: 'both', cleared: [] };
    const { context } = inputFor([], [sore]);
    expect(placementLock(squat, rung('back'), context)).toContainEqual(expect.objectContaining({ code: 'limit-locks' }));
    expect(placementLock(squat, rung('goblet'), inputFor([]).context)).toEqual([]);
    const noBar = { ...kit, pieces: kit.pieces.filter(({ type }) => type !== 'bar') };
    const bare = { ...inputFor([]).context, kit: noBar, room: roomOf(noBar, STUDIO_ITEMS) };
    expect(placementLock(squat, rung('back'), bare).map(({ code }) => code)).toContain('kit-no-load');
  });
});

// Source: design: a known lift that earns its stage is a standing of its own.
describe('standings by known lifts', () => {
  it('an earned one stands on its stage, over what is lower; one that earns nothing leaves no record, and a record it left goes', () => {
    const earned = standingsByLifts(inputFor([lift140]), [], '2026-01-01').taken;
    expect(earned).toMatchObject([{ ladderId: 'two-leg-squat', rungId: 'back', by: 'known-lift', on: '2026-01-01' }]);
    const told = inputFor([{ ...lift140, source: 'told', heldBy: ['told'] }]);
    expect(standingsByLifts(told, [], '2026-01-01')).toEqual({ taken: [], gone: [] });
    expect(standingsByLifts(told, earned, '2026-01-02')).toEqual({ taken: [], gone: ['two-leg-squat'] });
    const reviewed = earned.map((one) => ({ ...one, by: 'review' as const }));
    expect(standingsByLifts(inputFor([lift140]), reviewed, '2026-01-02')).toEqual({ taken: [], gone: [] });
    expect(standingsByLifts(inputFor([lift140]), [{ ...reviewed[0]!, rungId: 'goblet' }], '2026-01-02').taken).toHaveLength(1);
  });
});
