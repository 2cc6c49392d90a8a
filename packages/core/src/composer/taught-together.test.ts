import { builtInCatalogue, getVariation } from '../catalogue';
import { isSameDose, secondsPerRep } from '../dose';
import { defaultKit, roomOf } from '../kit';
import { aJudgeContext, aKnownLift, anExerciseLog, aSet } from '../testing';
import { isDrillSlot, STUDIO_ITEMS } from '../vocabulary';
import type { LimitId, SessionShape } from '../vocabulary';
import { asShaped, compose, coolDownFor, planItem } from '.';
import type { Composition, SheetInput } from '.';

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
const of = (shape: SessionShape, minutes: number, from = input()) => compose(from, { shape, minutes });
const limit = (id: LimitId, severity: number) => ({ limits: [{ limit: id, severity, side: null }] }) as never;

// Source: session shapes seen in the trade, no source.
describe('a mobility day', () => {
  it('holds drills alone, in 10 to 25 minutes, and never longer', () => {
    for (const minutes of [10, 25, 60]) {
      const made = of('mobility', minutes);
      expect(made.minutes).toBeLessThanOrEqual(25);
      expect(made.items.length).toBeGreaterThan(3);
      expect(made.items.every(({ slot }) => isDrillSlot(slot))).toBe(true);
      expect(made.blocks.every(({ role }) => role === 'prep')).toBe(true);
      expect(made.items.every(({ dose }) => dose.load.externalKg === 0)).toBe(true);
    }
    expect(of('mobility', 60).minutes).toBeGreaterThan(of('mobility', 10).minutes);
  });

  it('has deep side holds, 90/90, hip flexor, ankle, an adductor rock and a supported squat', () => {
    expect(ids(of('mobility', 25))).toEqual(
      expect.arrayContaining([
        'lateral-squat-hold',
        'ninety-ninety',
        'half-kneeling-hip-flexor-stretch',
        'ankle-rock',
        'adductor-rock',
        'deep-squat-hold',
      ]),
    );
  });

  it('begins with what the screening asks for, and leaves out what a sore groin forbids', () => {
    expect(ids(of('mobility', 10, input({ drills: ['tandem-stance'] })))[0]).toBe('tandem-stance');
    const sore = ids(of('mobility', 25, input({}, limit('groin', 5))));
    expect(sore).not.toContain('lateral-squat-hold');
    expect(sore.length).toBeGreaterThan(2);
  });

  it('gives up no muscle and no wish: there is no place for them in it', () => {
    expect(of('mobility', 25, input({ secondGoal: 'get-stronger' })).gaveUp).toEqual([]);
  });
});

it.each(['mobility', 'four-drills', 'skill-practice'] as const)(
  'what %s composed is what it proposes: nobody changed it by hand',
  (shape) => {
    const from = input();
    for (const item of of(shape, 45, from).items) {
      const role = isDrillSlot(item.slot) ? 'prep' : 'main';
      const { slot, variationId, values, dose } = item;
      const planned = planItem(from, { slot, role }, { variationId, values, reasons: [] });
      expect([variationId, isSameDose(asShaped(from, planned, shape, dose).dose, dose)]).toEqual([variationId, true]);
    }
    // Three times round was somebody's own idea.
    const [first] = of('mobility', 25, from).items;
    const thrice = { ...first!.dose, sets: 3 };
    expect(asShaped(from, first!, 'mobility', thrice).dose.sets).not.toBe(3);
  },
);

describe('a cool-down', () => {
  const sheet = of('straight-sets', 50);

  it('eases off what was trained, three drills at most, each once', () => {
    const drills = coolDownFor(input(), sheet);
    expect(drills.map(({ variationId }) => variationId)).toEqual([
      'half-kneeling-hip-flexor-stretch',
      'ninety-ninety',
      'deep-squat-hold',
    ]);
    expect(drills.every(({ slot, dose }) => slot.startsWith('cool-down-') && dose.sets === 1)).toBe(true);
  });

  it('asks nothing twice, nothing that is refused, and nothing after no work', () => {
    const [first] = coolDownFor(input(), sheet);
    const twice = { items: [...sheet.items, { ...sheet.items[0]!, variationId: first!.variationId }] };
    expect(coolDownFor(input(), twice).map(({ variationId }) => variationId)).not.toContain(first!.variationId);
    const walk = { ...sheet.items[0]!, slot: 'prep-lateral-band-walk', variationId: 'lateral-band-walk' };
    // What warmed up needs no easing off.
    expect(coolDownFor(input(), { items: [walk, ...sheet.items] })).toEqual(coolDownFor(input(), sheet));
    const refused = coolDownFor(input({ dislikes: ['ninety-ninety'] }), sheet);
    expect(refused.map(({ variationId }) => variationId)).not.toContain('ninety-ninety');
    expect(coolDownFor(input(), { items: [] })).toEqual([]);
  });
});

describe('the four slow drills', () => {
  const { dose: squat } = anExerciseLog({ loadKg: 12 });
  /** Whole circuits behind somebody. */
  const after = (circuits: number): Composition => {
    const past = Array.from({ length: circuits }, (_, at) => ({
      sessionId: `circuit-${at}`,
      day: 90 + at,
      dose: { ...squat, sets: 1, restSeconds: 0 },
      values: {},
      sets: [aSet({ reps: 12, externalKg: 12 })],
    }));
    return of('four-drills', 60, input({ pastOf: (id) => (id === 'goblet-squat' ? past : []) }));
  };
  const made = after(2);

  it('are the four, ten, ten, ten and five a side, four rounds with 60 s between, nine seconds a rep', () => {
    expect(ids(made).toSorted()).toEqual(['belly-held-hinge', 'bridge-floor-press', 'goblet-squat', 'shin-box-rise']);
    expect(made.blocks).toMatchObject([{ kind: 'rounds', roundRestSeconds: 60 }]);
    for (const { variationId, dose } of made.items) {
      expect([dose.sets, dose.repsHigh]).toEqual([4, variationId === 'shin-box-rise' ? 5 : 10]);
      expect(secondsPerRep(dose.tempo)).toBe(9);
    }
    expect(made.items.find(({ variationId }) => variationId === 'goblet-squat')?.values['toes-out']).toBe(45);
    // Three rounds for who is new to it.
    expect(after(0).items.map(({ dose }) => dose.sets)).toEqual([3, 3, 3, 3]);
  });

  it('say what is closed to the person, and go on with the rest', () => {
    const pregnant = of('four-drills', 45, input({}, limit('pregnancy', 4)));
    const closed = pregnant.left.map(({ variationId }) => variationId);
    for (const id of closed) expect(ids(pregnant)).not.toContain(id);
    expect(pregnant.items.length + closed.length).toBe(4);
    const noPair = { ...input(), context: aJudgeContext({ room: new Set(['pad', 'kettlebell', 'dumbbell']) }) };
    const left = of('four-drills', 45, noPair).left;
    expect(left.find(({ variationId }) => variationId === 'bridge-floor-press')?.reasons.length).toBeGreaterThan(0);
  });
});

describe('skill practice', () => {
  it('holds the get-up and the swing together, as far as each is earned, before anything else', () => {
    const made = of('skill-practice', 45);
    const skills = made.items.filter(({ slot }) => slot === 'get-up' || slot === 'swing');
    // Nobody begins with the whole of it.
    expect(skills.map(({ variationId }) => variationId).toSorted()).toEqual(['get-up-to-elbow', 'hike-pass']);
    const earned = input({
      context: aJudgeContext({
        room: STUDIO,
        person: {
          goal: 'move-well',
          trainingAge: 'intermediate',
          massKg: 70,
          known: [aKnownLift({ variationId: 'kettlebell-swing', loadKg: 16, reps: 10 })],
        },
      }),
    });
    const both = of('skill-practice', 45, earned).items.map(({ slot }) => slot);
    expect(
      both
        .filter((slot) => !isDrillSlot(slot))
        .slice(0, 2)
        .toSorted(),
    ).toEqual(['get-up', 'swing']);
    for (const { slot, dose, variationId } of of('skill-practice', 45, earned).items.filter(({ slot: s }) => s === 'get-up'))
      expect([slot, dose.repsHigh <= 3, getVariation(builtInCatalogue, variationId).traits.includes('get-up')]).toEqual([
        'get-up',
        true,
        true,
      ]);
  });
});
