import fc from 'fast-check';
import { aJudgeContext } from '../testing';
import { builtInCatalogue, getVariation } from '../catalogue';
import { checkValues } from '../catalogue/knowledge';
import { allowedLoads, GOAL_DOSES } from '../dose';
import { defaultKit, roomOf } from '../kit';
import type { Kit } from '../kit';
import { accessTo } from '../selection';
import { GOALS, LIMITS, ROLES, SESSION_SHAPES, STUDIO_ITEMS, TRAINING_AGES } from '../vocabulary';
import type { EmphasisId, Goal, KitItem, SessionShape } from '../vocabulary';
import { accessoryMovements, accessoryOptions } from './accessory-options';
import { compose, GAP } from './compose';
import type { Composition, Wish } from './compose';
import { blocksOf } from './content';
import { fitTogether, standingNeeds, standingThings } from './kit-together';
import { powerOptions } from './extra-options';
import { isReached } from './standing-in';
import { chooseStart, trackAfter, usualShape } from '.';
import type { SheetInput, Track } from '.';

const STUDIO = roomOf(defaultKit('kg'), STUDIO_ITEMS);
const input = (over: Partial<SheetInput> = {}, context: Partial<SheetInput['context']> = {}): SheetInput => ({
  context: aJudgeContext({ room: STUDIO, ...context }),
  tracks: [],
  stage: { sessionsDone: 12, dayOfTraining: 80, daysSinceLast: 3 },
  schools: {},
  day: 100,
  pastOf: () => [],
  ...over,
});
const ids = ({ items }: Composition) => items.map(({ variationId }) => variationId);
const inRole = (made: Composition, role: (typeof ROLES)[number]) =>
  blocksOf(made)
    .filter(({ block }) => block.role === role)
    .flatMap(({ items }) => items);
const variationOf = (id: string) => getVariation(builtInCatalogue, id);

// Source: session shapes and doses by goal: common practice, no source, unless said otherwise.
describe('the shapes of a session', () => {
  const of = (shape: SessionShape, minutes = 50, more: Partial<Wish> = {}) => compose(input(), { shape, minutes, ...more });

  it('prep, big lifts, then weak points', () => {
    const made = of('prep-compounds-accessories', 60);
    expect(inRole(made, 'prep').length).toBeGreaterThanOrEqual(2);
    expect(inRole(made, 'main').map(({ slot }) => slot)).toEqual(['squat', 'hinge', 'lunge', 'bridge']);
    expect(inRole(made, 'accessory').length).toBeGreaterThan(0);
  });

  it('straight sets hold lifts alone', () => {
    const made = of('straight-sets');
    expect(blocksOf(made).map(({ block }) => [block.role, block.kind])).toEqual([['main', 'straight']]);
  });

  it('lifts of 3 × 10–12, each in turn with half a minute of something else', () => {
    const made = of('pairs-with-finisher');
    for (const { block, items } of blocksOf(made)) {
      expect([block.kind, items.length]).toEqual(['rounds', 2]);
      const [lift, drill] = items;
      expect(lift?.dose).toMatchObject({ repsLow: 10, repsHigh: 12 });
      expect(drill?.dose.seconds).toBe(30);
      expect(drill?.dose.sets).toBe(lift?.dose.sets);
    }
    expect(made.items.length).toBeGreaterThanOrEqual(8);
  });

  it('a circuit is four moves in three to five rounds with no bar in it', () => {
    // New to circuits: one lift comes before it.
    const { items = [] } = blocksOf(of('circuit')).find(({ block }) => block.kind === 'rounds') ?? {};
    expect(items).toHaveLength(4);
    for (const { dose, variationId } of items) {
      expect(dose.sets).toBeGreaterThanOrEqual(3);
      expect(dose.sets).toBeLessThanOrEqual(5);
      expect(variationOf(variationId).kit.flat()).not.toContain('barbell');
    }
  });

  it('a slow circuit: four drills, three rounds at first, 3 s each way and 3 held, 10 or 5 a side, a minute between', () => {
    const made = of('tempo-circuit');
    expect(made.blocks).toMatchObject([{ kind: 'rounds', roundRestSeconds: 60 }]);
    expect(made.items).toHaveLength(4);
    for (const { dose, variationId } of made.items) {
      const { lowering, bottom, lifting, top } = dose.tempo;
      const variation = variationOf(variationId);
      expect([dose.sets, lowering, lifting, Number(bottom) + Number(top)]).toEqual([3, 3, 3, 3]);
      // Source: decisions of the design: a hold on top for what starts low, else at the bottom.
      expect(variation.startsAt === 'bottom' ? top : bottom).toBe(3);
      expect(dose.repsHigh).toBe(variation.stance === 'two-leg' ? 10 : 5);
    }
  });

  it('home drills need furniture at most and end within twenty minutes', () => {
    const made = of('home-drills', 60);
    expect(made.minutes).toBeLessThanOrEqual(20);
    expect(made.items.length).toBeGreaterThanOrEqual(3);
    for (const { variationId } of made.items) {
      expect(variationOf(variationId).unloadedAllowed).toBe(true);
      expect(variationOf(variationId).kit.flat()).not.toContain('rack');
    }
  });

  it('skill practice stays crisp: few reps, five in reserve', () => {
    for (const { dose } of inRole(of('skill-practice'), 'main')) {
      expect(dose.repsHigh).toBeLessThanOrEqual(5);
      expect(dose.reserve).toBeGreaterThanOrEqual(5);
    }
  });

  it('a split is eight lifts over two days of four, with nothing twice', () => {
    const [a, b] = (['a', 'b'] as const).map((splitDay) => of('two-day-split', 75, { splitDay }));
    const work = (made: Composition) =>
      [...inRole(made, 'main'), ...inRole(made, 'accessory')].map(({ variationId }) => variationId);
    expect([work(a!).length, work(b!).length]).toEqual([4, 4]);
    expect(inRole(a!, 'main').map(({ slot }) => slot)).toEqual(['squat', 'bridge']);
    expect(inRole(b!, 'main').map(({ slot }) => slot)).toEqual(['hinge', 'lunge']);
  });

  it('a lighter day drops two fifths of the sets and up to a tenth of the load or so, with four in reserve', () => {
    const [usual, lighter] = [of('straight-sets', 90), of('straight-sets', 90, { intent: 'lighter' })];
    for (const item of lighter.items) {
      const same = usual.items.find(({ variationId }) => variationId === item.variationId);
      expect(item.dose.reserve).toBeGreaterThanOrEqual(4);
      expect(item.dose.sets).toBeLessThanOrEqual(Math.ceil(0.6 * (same?.dose.sets ?? 3)));
      expect(item.dose.load.externalKg).toBeLessThanOrEqual(same?.dose.load.externalKg ?? 0);
      expect(item.dose.load.externalKg).toBeGreaterThanOrEqual(0.85 * (same?.dose.load.externalKg ?? 0));
    }
    const sumOf = ({ items }: typeof usual) => items.reduce((sum, { dose }) => sum + dose.load.externalKg, 0);
    expect(sumOf(lighter)).toBeLessThan(sumOf(usual));
  });

  it.each(GOALS)('big lifts keep the published ranges for %s', (goal: Goal) => {
    // Source: NSCA Essentials, 4th ed. (from memory): strength ≤ 6 reps and 2–5 min, size 6–12 and 30–90 s; power 3–5.
    const made = compose(input({}, { person: { goal, trainingAge: 'intermediate', massKg: 70 } }), { minutes: 90 });
    // The goal's range is for loaded work; with nothing held a movement's own counts.
    for (const { dose, variationId } of inRole(made, 'main').filter((item) => item.dose.load.externalKg > 0)) {
      const { repRange } = variationOf(variationId);
      const table = GOAL_DOSES[goal];
      const [low, high] = table.keepsItsReps || !repRange ? [table.reps.low, table.reps.high] : [repRange.low, repRange.high];
      expect([dose.repsLow, dose.repsHigh, dose.restSeconds]).toEqual([low, high, table.restSeconds]);
    }
    const hasFinisher = inRole(made, 'finisher').length > 0;
    expect(hasFinisher).toBe(goal === 'fat-loss-and-capacity');
  });
});

describe('the usual shape', () => {
  const home = {
    isHome: true,
    isAlone: true,
    hasSafeties: false,
    hasSpotter: false,
    hasPractisedBailOut: false,
    hasCollars: false,
    hasFullDiscs: false,
  };

  it('is drills for a short time at home, a circuit for a short time where capacity is the goal, else drills and lifts', () => {
    const capacity = { person: { goal: 'fat-loss-and-capacity', trainingAge: 'novice', massKg: 80 } } as const;
    expect(usualShape(input({}, { safety: home }), 20)).toBe('home-drills');
    expect(usualShape(input({}, { safety: home }), 40)).toBe('prep-compounds-accessories');
    expect(usualShape(input({}, capacity), 30)).toBe('circuit');
    expect(usualShape(input({}, capacity), 35)).toBe('prep-compounds-accessories');
  });
});

describe('what the composer goes by', () => {
  it('where a review led is in reach, though nothing else says so; what was left out is not', () => {
    const far = builtInCatalogue.variations.filter((variation) => !isReached(input(), variation));
    expect(far.length).toBeGreaterThan(20);
    const [one] = compose(input(), { shape: 'straight-sets', minutes: 45 }).items;
    for (const variation of far) {
      const track = (leftOut: boolean): Track => ({
        slot: 'trunk',
        variationId: variation.id,
        values: {},
        method: 'ladder-gate',
        methodChosen: false,
        dose: one!.dose,
        leftOut,
        lastDecision: null,
      });
      expect([variation.id, isReached(input({ tracks: [track(false)] }), variation)]).toEqual([variation.id, true]);
      expect([variation.id, isReached(input({ tracks: [track(true)] }), variation)]).toEqual([variation.id, false]);
    }
  });

  it('a setting eased below what a limit asks for stays eased; one above it is set back', () => {
    // Seen on an invented client: “two hands” said each session, one hand on each sheet.
    const limits = [{ limit: 'balance', severity: null }] as const;
    const base = compose(input({}, { limits }), { shape: 'straight-sets', minutes: 45 }).items.find(
      ({ slot }) => slot === 'lunge',
    )!;
    const asked = base.values.support;
    expect(asked).toBe('one-hand');
    const at = (support: string) => {
      const track: Track = {
        slot: 'lunge',
        variationId: base.variationId,
        values: { support },
        method: 'ladder-gate',
        methodChosen: false,
        dose: base.dose,
        leftOut: false,
        lastDecision: null,
      };
      const made = compose(input({ tracks: [track] }, { limits }), { shape: 'straight-sets', minutes: 45 });
      return made.items.find(({ slot }) => slot === 'lunge')?.values.support;
    };
    expect([at('two-hands'), at('one-hand'), at('none')]).toEqual(['two-hands', 'one-hand', 'one-hand']);
  });

  it('goes on with what the person trains, and says so', () => {
    const [squat] = compose(input(), { minutes: 60 }).items.filter(({ slot }) => slot === 'squat');
    const track: Track = trackAfter({
      item: { ...squat!, variationId: 'counterweight-squat', values: {} },
      proposal: { verdict: 'same-again', dose: squat!.dose, reasons: [] },
      chosen: { verdict: 'same-again', dose: squat!.dose },
      sessionDate: '2026-01-05',
    });
    const made = compose(input({ tracks: [track] }), { minutes: 60 });
    const kept = made.items.find(({ slot }) => slot === 'squat');
    expect(kept?.variationId).toBe('counterweight-squat');
    expect(kept?.chosenWhy.map(({ code }) => code)).toContain('keeps-on');
    const out = compose(input({ tracks: [{ ...track, leftOut: true }] }), { minutes: 60 });
    expect(out.items.map(({ slot }) => slot)).not.toContain('squat');
  });

  it('a stage that a slot has left does not come back because it is shorter, unless the one it went to is closed', () => {
    // Seen on an invented client: a harder plank earned five times, and the easier one on each sheet after.
    const [any] = compose(input(), { minutes: 60 }).items;
    const at = (slot: 'power' | EmphasisId, variationId: string, over: Partial<SheetInput['context']> = {}) => {
      const track: Track = {
        slot,
        variationId,
        values: {},
        method: 'ladder-gate',
        methodChosen: false,
        dose: { ...any!.dose, sets: 3, seconds: 60, restSeconds: 60 },
        leftOut: false,
        lastDecision: null,
      };
      const sheet = input({ tracks: [track] }, over);
      const ask = { shape: 'prep-compounds-accessories', intent: 'build', minutes: 45 } as const;
      const movements = slot === 'power' ? [] : (accessoryMovements(sheet, ask).get(slot) ?? []);
      const made = slot === 'power' ? powerOptions(sheet, ask) : accessoryOptions(sheet, ask, slot, 3, movements);
      return made.map(({ item }) => item.variationId);
    };
    expect(at('hamstrings', 'face-up-plank')).toContain('face-up-plank');
    expect(at('hamstrings', 'face-up-plank')).not.toContain('reverse-plank');
    expect(at('hamstrings', 'reverse-plank')).toContain('reverse-plank');
    const forPower = { person: { goal: 'power', trainingAge: 'intermediate', massKg: 80 } } as const;
    expect(at('power', 'dead-start-swing', forPower)).toContain('dead-start-swing');
    expect(at('power', 'dead-start-swing', forPower)).not.toContain('hike-pass');
    expect(at('power', 'hike-pass', forPower)).toContain('hike-pass');
    // A harder plank that a limit locks: the easier one may stand there again.
    const sore = { limits: [{ limit: 'wrist', severity: 4 }] } as const;
    expect(at('trunk', 'plank-clock-reach')).not.toContain('plank');
    expect(at('trunk', 'plank-clock-reach', sore)).toContain('plank');
  });

  it('starts somebody where the start rules do', () => {
    const limits = [{ limit: 'knee-front', severity: 4, side: 'left' } as const];
    for (const some of [[], limits]) {
      const sheet = input({}, { limits: some });
      const made = compose(sheet, { shape: 'straight-sets', minutes: 90 });
      for (const slot of ['squat', 'hinge', 'lunge', 'bridge'] as const) {
        const start = chooseStart(slot, { context: sheet.context, starts: [], aids: {}, dislikes: [] });
        expect([slot, made.items.find((item) => item.slot === slot)?.variationId]).toEqual([slot, start?.variationId]);
      }
    }
  });

  it('asks for the drills the screening wants, first', () => {
    const made = compose(input({ drills: ['ankle-rock', 'lateral-band-walk'] }), { minutes: 45 });
    expect(inRole(made, 'prep').map(({ variationId }) => variationId)).toEqual(
      expect.arrayContaining(['ankle-rock', 'lateral-band-walk']),
    );
    const straightIn = compose(input({ schools: { order: 'straight-in' } }), { minutes: 60 });
    expect(inRole(straightIn, 'prep')).toEqual([]);
  });

  it('a lift that goes on stays on a day too soon: lighter, fewer sets, more left, and what stood comes back', () => {
    const squat = compose(input(), { minutes: 60 }).items.find(({ slot }) => slot === 'squat')!;
    const chosen = { verdict: 'same-again', dose: { ...squat.dose, sets: 4 } } as const;
    const track = trackAfter({ item: squat, proposal: { ...chosen, reasons: [] }, chosen, sessionDate: '2026-01-01' });
    const recent = [{ day: 99, hardSetsByMuscle: {}, heavyFamilies: ['squat' as const] }];
    const again = compose(input({ recent, tracks: [track] }), { minutes: 60 }).items.find(({ slot }) => slot === 'squat');
    expect(again).toMatchObject({
      variationId: squat.variationId,
      dose: { sets: 2, reserve: 4 },
      trackDose: { load: squat.dose.load, sets: 4, reserve: squat.trackDose.reserve },
    });
    expect(again?.dose.load.externalKg).toBeLessThanOrEqual(squat.dose.load.externalKg);
    expect(again?.why.sets.map(({ code }) => code)).toEqual(expect.arrayContaining(['warn-48h', 'lighter-day']));
  });

  it('keeps two days between hard work of one family', () => {
    const heavy = (day: number) => input({ recent: [{ day, hardSetsByMuscle: {}, heavyFamilies: ['squat'] }] });
    const yesterday = compose(heavy(99), { minutes: 60 });
    const squat = yesterday.items.find(({ slot }) => slot === 'squat');
    expect(squat === undefined || squat.dose.load.externalKg === 0).toBe(true);
    expect(compose(heavy(98), { minutes: 60 }).items.find(({ slot }) => slot === 'squat')?.dose.load.externalKg).toBeGreaterThan(
      0,
    );
  });

  it('wants less of what the week already had', () => {
    const calves = (sets: number) =>
      compose(input({ recent: [{ day: 97, hardSetsByMuscle: { calves: sets }, heavyFamilies: [] }], daysPerWeek: 3 }), {
        minutes: 90,
      });
    expect(ids(calves(20)).some((id) => variationOf(id).family === 'calf')).toBe(false);
    expect(calves(20).gaveUp.some(({ code, values }) => code === 'gave-up-muscle' && values.emphasis === 'calves')).toBe(false);
  });

  it('fast work comes first for who trains for power, once its groundwork was shown', () => {
    const power = { person: { goal: 'power', trainingAge: 'advanced', massKg: 80 } } as const;
    const made = compose(input({}, power), { minutes: 75 });
    expect(variationOf(inRole(made, 'main')[0]!.variationId).family).toBe('power');
    const sore = compose(input({}, { ...power, limits: [{ limit: 'knee-front', severity: 6 }] }), { minutes: 75 });
    expect(
      ids(sore).filter((id) => variationOf(id).family === 'power' && variationOf(id).traits.some((t) => t === 'jump')),
    ).toEqual([]);
  });

  it('somebody new gets four exercises at most, drills apart', () => {
    const made = compose(input({ stage: { sessionsDone: 1, dayOfTraining: 3, daysSinceLast: 3 } }), { minutes: 90 });
    expect(inRole(made, 'main').length + inRole(made, 'accessory').length).toBeLessThanOrEqual(4);
  });

  it('an impossible ask gives the best short sheet, or says what would have to give', () => {
    const short = compose(input(), { minutes: 8 });
    expect(short.items.length).toBeGreaterThan(0);
    expect(short.minutes).toBeLessThanOrEqual(8);
    expect(short.left.some(({ reasons }) => reasons[0]?.code === 'left-for-minutes')).toBe(true);
    const none = compose(input(), { minutes: 2 });
    expect([none.items, none.gaveUp.map(({ code }) => code)]).toEqual([[], ['nothing-fits', 'relax-minutes']]);
    const held = compose(input({}, { limits: [{ limit: 'see-clinician', severity: null }] }), { minutes: 60 });
    expect([held.items, held.gaveUp.map(({ code }) => code)]).toEqual([[], ['nothing-fits', 'relax-limits']]);
  });

  it('without any kit there is still a session', () => {
    const kit: Kit = { pieces: [], machines: [], gear: [] };
    const made = compose(input({}, { kit, room: new Set<KitItem>() }), { minutes: 40 });
    expect(made.items.length).toBeGreaterThan(2);
    for (const { dose } of made.items) expect(dose.load.externalKg).toBe(0);
  });
});

describe('laws', () => {
  const limit = fc.record({ limit: fc.constantFrom(...LIMITS), severity: fc.option(fc.integer({ min: 1, max: 8 })) });
  const pieces = fc.subarray([...defaultKit('kg').pieces]);
  const items = fc.subarray([...STUDIO_ITEMS]);
  const asked = fc.record({
    goal: fc.constantFrom(...GOALS),
    trainingAge: fc.constantFrom(...TRAINING_AGES),
    massKg: fc.option(fc.integer({ min: 40, max: 140 })),
    limits: fc.array(limit, { maxLength: 2 }),
    pieces,
    items,
    minutes: fc.integer({ min: 5, max: 90 }),
    shape: fc.constantFrom(...SESSION_SHAPES),
    sessionsDone: fc.constantFrom(0, 3, 20),
  });
  type Asked = typeof asked extends fc.Arbitrary<infer A> ? A : never;
  const inputOf = ({ goal, trainingAge, massKg, limits, pieces: some, items: room, sessionsDone }: Asked): SheetInput => {
    const kit: Kit = { ...defaultKit('kg'), pieces: some };
    const context = { kit, room: roomOf(kit, room), limits, person: { goal, trainingAge, massKg } };
    return input({ stage: { sessionsDone, dayOfTraining: sessionsDone * 4, daysSinceLast: 3 } }, context);
  };

  it('nothing locked or out of reach, never over the minutes, no thing in two places, in order, the same twice', () => {
    fc.assert(
      fc.property(asked, (one) => {
        const sheet = inputOf(one);
        const { shape, minutes } = one;
        const made = compose(sheet, { shape, minutes });
        expect(made.minutes).toBeLessThanOrEqual(minutes);
        const room = sheet.context.room!;
        const things = standingThings(sheet.context.kit, room);
        for (const item of made.items) {
          const variation = variationOf(item.variationId);
          expect([item.variationId, accessTo(variation, sheet.context).state]).not.toEqual([item.variationId, 'locked']);
          expect(checkValues(variation, item.values)).toEqual([]);
          const loads = allowedLoads(sheet.context.kit, sheet.context.limits, variation, item.values);
          expect(loads.length === 0 || loads.some(({ externalKg }) => externalKg === item.dose.load.externalKg)).toBe(true);
          expect(item.chosenWhy.length).toBeGreaterThan(0);
        }
        expect(new Set(ids(made)).size).toBe(made.items.length);
        expect(new Set(made.items.map(({ slot }) => slot)).size).toBe(made.items.length);
        const roles = blocksOf(made).map(({ block }) => ROLES.indexOf(block.role));
        if (shape !== 'pairs-with-finisher') expect(roles).toEqual([...roles].sort((a, b) => a - b));
        for (const { block, items: within } of blocksOf(made)) {
          if (block.kind !== 'rounds') continue;
          expect(
            fitTogether(
              within.map(({ variationId }) => standingNeeds(variationOf(variationId), room)),
              things,
            ),
          ).toBe(true);
          expect(new Set(within.map(({ dose }) => dose.sets)).size).toBe(1);
        }
        expect(compose(sheet, { shape, minutes })).toEqual(made);
      }),
      { numRuns: 200 },
    );
  });

  it('more minutes never make a worse sheet', () => {
    fc.assert(
      fc.property(asked, fc.integer({ min: 1, max: 30 }), (one, more) => {
        const sheet = inputOf(one);
        const [less, longer] = [one.minutes, one.minutes + more].map((minutes) => compose(sheet, { shape: one.shape, minutes }));
        if (less!.isOptimal && longer!.isOptimal) expect(longer!.score).toBeGreaterThanOrEqual(less!.score - 1e-6);
      }),
      { numRuns: 60 },
    );
  });

  const BARE: Asked = {
    goal: 'fat-loss-and-capacity',
    trainingAge: 'novice',
    massKg: null,
    limits: [],
    pieces: [],
    items: [],
    minutes: 8,
    shape: 'prep-compounds-accessories',
    sessionsDone: 20,
  };

  it('more kit never makes a worse sheet', () => {
    fc.assert(
      fc.property(asked, items, (one, more) => {
        const wish = { shape: one.shape, minutes: one.minutes };
        const less = compose(inputOf(one), wish);
        const richer = compose(inputOf({ ...one, items: [...new Set([...one.items, ...more])] }), wish);
        if (less.isOptimal && richer.isOptimal) expect(richer.score).toBeGreaterThanOrEqual(less.score - GAP);
      }),
      {
        numRuns: 60,
        // Seen: at eight minutes a pad made the sheet worse, since the poorer room had minutes to spare and used them.
        examples: [[BARE, ['pad']]],
      },
    );
  });
});
