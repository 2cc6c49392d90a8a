import fc from 'fast-check';
import { builtInCatalogue } from '../catalogue';
import type { Rung } from '../catalogue';
import { LADDERS } from '../catalogue/knowledge';
import { defaultKit, roomOf } from '../kit';
import type { Kit } from '../kit';
import { accessTo } from '../selection';
import { aJudgeContext, aSheetInput } from '../testing';
import { GOALS, MAIN_FAMILIES, TRAINING_AGES } from '../vocabulary';
import type { KitItem, LimitId, MainFamily } from '../vocabulary';
import { SLOT_LADDERS } from './choose-start';
import { compose } from './compose';
import type { SheetInput, StoodOn } from './types';

const studio = defaultKit('kg');
const some = (keep: (piece: Kit['pieces'][number]) => boolean, items: readonly KitItem[]) => {
  const kit: Kit = { ...studio, gear: [], pieces: studio.pieces.filter(keep) };
  return { kit, room: roomOf(kit, items) };
};
const HOME: readonly KitItem[] = ['wall', 'chair', 'low-step', 'pad', 'box', 'bench'];
/** Places, each with everything the one before has. */
const PLACES = [
  some(() => false, HOME),
  some(({ type, value }) => type === 'kettlebell' && value === 16, HOME),
  some(({ type }) => type === 'kettlebell' || type === 'dumbbell', HOME),
  some(() => true, [...HOME, 'rack']),
];
const MINUTES = [20, 30, 45, 60, 75] as const;

const mainOf = (slot: MainFamily) => LADDERS.find(({ id }) => id === SLOT_LADDERS[slot].ladders[0])!;
const onTheWay = (slot: MainFamily): Rung[] => mainOf(slot).rungs.filter(({ aside }) => !aside);

/** Where somebody stands on each family's main ladder: a share of the way up. */
const person = fc.record({
  goal: fc.constantFrom(...GOALS),
  trainingAge: fc.constantFrom(...TRAINING_AGES),
  up: fc.double({ min: 0, max: 1, noNaN: true }),
  place: fc.integer({ min: 0, max: PLACES.length - 1 }),
  minutes: fc.integer({ min: 0, max: MINUTES.length - 1 }),
});
type Who = typeof person extends fc.Arbitrary<infer T> ? T : never;

const standingsFor = (up: number): StoodOn[] =>
  MAIN_FAMILIES.map((slot) => {
    const rungs = onTheWay(slot);
    const { id } = rungs[Math.min(rungs.length - 1, Math.floor(up * rungs.length))]!;
    return { ladderId: mainOf(slot).id, rungId: id, on: '2026-01-01', by: 'review' };
  });

const inputFor = ({ goal, trainingAge, up, place, minutes }: Who, over: Partial<SheetInput> = {}): SheetInput =>
  aSheetInput(aJudgeContext({ ...PLACES[place]!, person: { goal, trainingAge, massKg: 70 } }), {
    standings: standingsFor(up),
    stage: { sessionsDone: 30, dayOfTraining: 120, daysSinceLast: 3 },
    minutes: MINUTES[minutes]!,
    day: 200,
    ...over,
  });

/** The stage of what trains each family, on its main ladder; a family trained by something else, or left out, says nothing. */
const stagesOf = (who: Who, over: Partial<SheetInput> = {}): Map<MainFamily, number> => {
  const { items } = compose(inputFor(who, over), { minutes: MINUTES[who.minutes]! });
  return new Map(
    MAIN_FAMILIES.flatMap((slot) => {
      const item = items.find((one) => one.slot === slot);
      const rung = onTheWay(slot).find(({ variationId }) => variationId === item?.variationId);
      return rung ? [[slot, rung.stage] as const] : [];
    }),
  );
};
const expectNoWorse = (less: Map<MainFamily, number>, more: Map<MainFamily, number>): void => {
  for (const [slot, stage] of less) {
    const other = more.get(slot);
    if (other !== undefined) expect([slot, other >= stage, stage, other]).toEqual([slot, true, stage, other]);
  }
};

// Source: design: more kit, skill or minutes never a worse-standing choice; no stage above where the person stands; a lock is no way.
describe('laws of choosing by standing', () => {
  const runs = { numRuns: 15 };
  it('more kit never', () => {
    fc.assert(
      fc.property(person, fc.nat(3), (who, more) => {
        const place = Math.min(PLACES.length - 1, who.place + more);
        expectNoWorse(stagesOf(who), stagesOf({ ...who, place }));
      }),
      runs,
    );
  });

  it('more skill never', () => {
    fc.assert(
      fc.property(person, fc.double({ min: 0, max: 1, noNaN: true }), (who, more) => {
        expectNoWorse(stagesOf(who), stagesOf({ ...who, up: who.up + (1 - who.up) * more }));
      }),
      runs,
    );
  });

  it('more minutes never', () => {
    fc.assert(
      fc.property(person, fc.nat(4), (who, more) => {
        expectNoWorse(stagesOf(who), stagesOf({ ...who, minutes: Math.min(MINUTES.length - 1, who.minutes + more) }));
      }),
      runs,
    );
  });

  it('never above where somebody stands, and never what is locked or disliked while another of its family is open', () => {
    const limits = fc.constantFrom<LimitId[]>(
      [],
      ['knee-front'],
      ['shoulder'],
      ['low-back-bending'],
      ['grip'],
      ['hernia-caesarean'],
    );
    fc.assert(
      fc.property(person, limits, fc.integer({ min: 1, max: 5 }), (who, ids, severity) => {
        const base = inputFor(who);
        const limited = ids.map((limit) => ({ limit, severity, side: 'both', cleared: [] }) as never);
        const context = { ...base.context, limits: limited };
        const dislikes = ['goblet-squat', 'split-squat', 'romanian-deadlift'];
        const input = { ...base, context, dislikes };
        for (const { slot, variationId, dose } of compose(input, { minutes: MINUTES[who.minutes]! }).items) {
          const variation = builtInCatalogue.variations.find(({ id }) => id === variationId)!;
          expect([variationId, accessTo(variation, context).state]).not.toEqual([variationId, 'locked']);
          expect(dose.load.externalKg).toBeGreaterThanOrEqual(0);
          const family = MAIN_FAMILIES.find((one) => one === slot);
          const rung = family && onTheWay(family).find((one) => one.variationId === variationId);
          const stands = family && standingsFor(who.up).find(({ ladderId }) => ladderId === mainOf(family).id);
          const top = family && onTheWay(family).find(({ id }) => id === stands?.rungId);
          if (rung && top) expect(rung.stage).toBeLessThanOrEqual(top.stage);
          if (!family || !dislikes.includes(variationId)) continue;
          const others = onTheWay(family).filter(
            (one) => one.stage <= (top?.stage ?? 0) && !dislikes.includes(one.variationId) && one.variationId !== variationId,
          );
          const isOpen = ({ variationId: id }: Rung): boolean =>
            accessTo(
              builtInCatalogue.variations.find((one) => one.id === id)!,
              context,
            ).state === 'open';
          expect([variationId, others.filter(isOpen).map(({ id }) => id)]).toEqual([variationId, []]);
        }
      }),
      runs,
    );
  });
});
