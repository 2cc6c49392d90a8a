import fc from 'fast-check';
import { builtInCatalogue, getVariation } from '../catalogue';
import { aHealthInput } from '../testing';
import { LIMITS, READINESS } from '../vocabulary';
import type { LimitId } from '../vocabulary';
import { ASK_AGAIN_DAYS, healthPicture, limitOn, loadCapFor, pressureBand } from '.';
import type { Clearance, HealthInput } from '.';

const TODAY = '2026-11-25';
// They trained with loads before; what silence does to others has tests of its own.
const nothing = aHealthInput({ today: TODAY });
const allNo = Object.fromEntries(READINESS.map((id) => [id, 'no'])) as HealthInput['answers'];
const clearance = (over: Partial<Clearance> = {}): Clearance => ({
  id: 'c',
  role: 'doctor',
  on: '2026-11-20',
  until: '2027-05-20',
  about: ['see-clinician'],
  scope: { families: ['squat', 'hinge'], range: 'full', maxLoadKg: null, side: 'both', painUpTo: null },
  ...over,
});
const opens = (input: HealthInput, id: string) => limitOn(getVariation(builtInCatalogue, id), healthPicture(input).limits).state;

// Source of every row: usual clinical and coaching practice, from memory.
describe('whether a person may train', () => {
  it.each<[string, Partial<HealthInput>, string]>([
    ['nothing known', {}, 'train'],
    ['every question no', { answers: allNo }, 'train'],
    ['chest pain on effort', { answers: { 'chest-on-effort': 'yes' } }, 'see-clinician-first'],
    ['pregnant, nobody cleared it', { answers: { pregnant: 'yes' } }, 'see-clinician-first'],
    ['asthma only wants care', { answers: { asthma: 'yes' } }, 'train'],
    ['epilepsy holds some things back', { answers: { epilepsy: 'yes' } }, 'train-with-limits'],
    ['an operation last year', { answers: { 'surgery-within-two-years': 'yes' } }, 'see-clinician-first'],
    ['pressure 182/95', { pressure: { systolic: 182, diastolic: 95, on: TODAY } }, 'see-clinician-first'],
    ['pressure 150/110', { pressure: { systolic: 150, diastolic: 110, on: TODAY } }, 'see-clinician-first'],
    ['pressure 165/90', { pressure: { systolic: 165, diastolic: 90, on: TODAY } }, 'train-with-limits'],
    ['pressure 150/95', { pressure: { systolic: 150, diastolic: 95, on: TODAY } }, 'train'],
    ['a warning sign', { signs: [{ id: 's', sign: 'hot-joint', on: TODAY }] }, 'see-clinician-first'],
    ['16 without consent', { birthYear: 2010 }, 'see-clinician-first'],
    ['16 with consent', { birthYear: 2010, guardianConsent: true }, 'train'],
    ['turns 18 this year, may still be 17', { birthYear: 2008 }, 'see-clinician-first'],
    ['19', { birthYear: 2007 }, 'train'],
  ])('%s', (_name, over, state) => expect(healthPicture({ ...nothing, ...over }).state).toBe(state));

  it.each([
    [1, 'train'],
    [2, 'train'],
    [3, 'train-with-limits'],
    [null, 'train-with-limits'],
  ] as const)('a sore knee of %s', (severity, state) => {
    const limits = [{ id: 'l', limit: 'knee-front', side: 'left', severity, askedOn: TODAY }] as const;
    expect(healthPicture({ ...nothing, limits }).state).toBe(state);
  });

  it('what was never asked is said, and assumed neither way', () => {
    expect(healthPicture(nothing).questions).toEqual([
      expect.objectContaining({ code: 'readiness-not-asked', values: { open: READINESS.length } }),
    ]);
    expect(healthPicture({ ...nothing, answers: allNo }).questions).toEqual([]);
  });

  it.each([
    ['heart-condition', 'rise-slowly'],
    ['sugar-lowering', 'sugar-at-hand'],
    ['beta-blockers', 'effort-not-pulse'],
    ['some-antibiotics', 'tendons-slowly'],
  ] as const)('%s: keep in mind %s', (question, caution) =>
    expect(healthPicture({ ...nothing, answers: { [question]: 'yes' } }).cautions).toContain(caution),
  );
});

describe('a clearance', () => {
  const flagged: HealthInput = { ...nothing, answers: { 'chest-on-effort': 'yes' } };
  const cleared = (over: Partial<Clearance>): HealthInput => ({ ...flagged, clearances: [clearance(over)] });
  const scoped = (over: Partial<Clearance['scope']>) => cleared({ scope: { ...clearance().scope, ...over } });

  it('opens what it lists and nothing else', () => {
    expect(opens(flagged, 'goblet-squat')).toBe('locked');
    expect(opens(cleared({}), 'goblet-squat')).toBe('restricted');
    expect(opens(cleared({}), 'split-squat')).toBe('locked');
    expect(healthPicture(cleared({})).state).toBe('train-with-limits');
  });

  it.each<[string, HealthInput]>([
    ['without any movement', scoped({ families: [] })],
    ['about something else', cleared({ about: ['pregnancy'] })],
    ['that ended yesterday', cleared({ until: '2026-11-24' })],
    ['that begins tomorrow', cleared({ on: '2026-11-26' })],
  ])('%s clears nothing', (_name, input) => expect(healthPicture(input).state).toBe('see-clinician-first'));

  it('holds on its first and on its last day, then turns into a question', () => {
    expect(healthPicture(cleared({ on: TODAY, until: TODAY })).state).toBe('train-with-limits');
    const after = healthPicture({ ...cleared({ until: TODAY }), today: '2026-11-26' });
    expect(after.state).toBe('see-clinician-first');
    expect(after.questions).toContainEqual(expect.objectContaining({ code: 'clearance-ended' }));
  });

  it('given before a warning sign says nothing about it', () => {
    const signs = [{ id: 's', sign: 'night-pain', on: '2026-11-22' }];
    expect(healthPicture({ ...nothing, signs, clearances: [clearance()] }).state).toBe('see-clinician-first');
    expect(healthPicture({ ...nothing, signs, clearances: [clearance({ on: '2026-11-22' })] }).state).toBe('train-with-limits');
  });

  it('for the other knee does not open this one', () => {
    const surgery = { procedure: 'meniscus', on: '2026-03-01', side: 'left' } as const;
    const after = (side: 'left' | 'right' | 'both') => ({
      ...nothing,
      answers: { 'surgery-within-two-years': 'yes' } as const,
      surgery,
      clearances: [clearance({ about: ['after-surgery'], scope: { ...clearance().scope, side } })],
    });
    expect(healthPicture(after('right')).state).toBe('see-clinician-first');
    expect(healthPicture(after('left')).state).toBe('train-with-limits');
    expect(healthPicture(after('both')).state).toBe('train-with-limits');
  });

  it('for the middle of the range keeps deep movements closed', () => {
    const middle = scoped({ range: 'middle' });
    expect(opens(middle, 'goblet-squat')).toBe('restricted');
    expect(opens(middle, 'dumbbell-romanian-deadlift')).toBe('locked');
  });
});

describe('asking again', () => {
  const limit = (askedOn: string) => [{ id: 'l', limit: 'knee-front', side: 'left', severity: 5, askedOn }] as const;
  it(`a sore place is asked again after ${ASK_AGAIN_DAYS.sore} days, and goes on holding until it is`, () => {
    // 28 days before 25 November is 28 October.
    const asked = healthPicture({ ...nothing, answers: allNo, limits: limit('2026-10-28') });
    const old = healthPicture({ ...nothing, answers: allNo, limits: limit('2026-10-27') });
    expect(asked.questions).toEqual([]);
    expect(old.questions).toContainEqual(
      expect.objectContaining({ code: 'limit-ask-again', values: expect.objectContaining({ days: 29 }) }),
    );
    expect(old.limits).toEqual(asked.limits);
  });
});

it.each([
  [179, 109, 'raised'],
  [180, 80, 'held'],
  [120, 110, 'held'],
  [160, 80, 'raised'],
  [159, 99, 'usual'],
] as const)('pressure %d/%d is %s', (systolic, diastolic, band) => expect(pressureBand({ systolic, diastolic })).toBe(band));

describe('laws', () => {
  const RANK = { locked: 0, restricted: 1, open: 2, favoured: 2 };
  const STATE = { 'see-clinician-first': 0, 'train-with-limits': 1, train: 2 };
  const record = fc.record({
    id: fc.constant('l'),
    limit: fc.constantFrom<LimitId>(...LIMITS),
    side: fc.constantFrom('left' as const, 'right' as const, 'both' as const),
    severity: fc.option(fc.integer({ min: 0, max: 10 })),
    askedOn: fc.constant(TODAY),
  });
  const yeses = fc.subarray([...READINESS], { maxLength: 3 });
  const answersOf = (ids: readonly (typeof READINESS)[number][]) =>
    Object.fromEntries(ids.map((id) => [id, 'yes'])) as HealthInput['answers'];

  it('one more limit, sign or yes never opens a movement or lightens the state', () => {
    fc.assert(
      fc.property(
        fc.array(record, { maxLength: 2 }),
        yeses,
        fc.oneof(
          record.map((limit) => ({ limit })),
          fc.constantFrom(...READINESS).map((answer) => ({ answer })),
          fc.constant({ sign: 'night-pain' }),
        ),
        fc.boolean(),
        fc.constantFrom(...builtInCatalogue.variations),
        (limits, yes, more, isCleared, variation) => {
          const before: HealthInput = {
            ...nothing,
            limits,
            answers: answersOf(yes),
            clearances: isCleared ? [clearance({ about: [...LIMITS] })] : [],
          };
          const after: HealthInput = {
            ...before,
            limits: 'limit' in more ? [...limits, more.limit] : limits,
            answers: 'answer' in more ? answersOf([...yes, more.answer]) : before.answers,
            signs: 'sign' in more ? [{ id: 's', sign: more.sign, on: TODAY }] : [],
          };
          const [a, b] = [healthPicture(before), healthPicture(after)];
          expect(STATE[b.state]).toBeLessThanOrEqual(STATE[a.state]);
          expect(RANK[limitOn(variation, b.limits).state]).toBeLessThanOrEqual(RANK[limitOn(variation, a.limits).state]);
        },
      ),
    );
  });

  it('held first means that nothing at all is open', () => {
    for (const id of ['see-clinician', 'after-surgery', 'guardian-consent'] as const) {
      for (const variation of builtInCatalogue.variations) {
        expect(limitOn(variation, [{ limit: id, severity: null }]).state).toBe('locked');
      }
    }
  });
});

describe('before anything is loaded', () => {
  const asked = { ...nothing, loadedBefore: false };
  const state = (input: HealthInput, id: string) =>
    limitOn(getVariation(builtInCatalogue, id), healthPicture(input).limits).state;

  it('four topics have to be answered; until then only what needs no load is open, and no jumps', () => {
    expect(healthPicture(asked).notAsked).toEqual(['pregnancy', 'heart-and-pressure', 'operation', 'pain']);
    expect([state(asked, 'goblet-squat'), state(asked, 'bodyweight-squat'), state(asked, 'squat-jump')]).toEqual([
      'locked',
      'open',
      'locked',
    ]);
    expect(loadCapFor(getVariation(builtInCatalogue, 'split-squat'), healthPicture(asked).limits)).toBe(0);
    const all = { ...asked, answers: allNo };
    expect([healthPicture(all).notAsked, state(all, 'goblet-squat'), healthPicture(all).careful]).toEqual([[], 'open', []]);
  });

  it('one topic left open is enough, and somebody who already trains loaded goes on carefully', () => {
    const { pregnant: _, ...rest } = allNo;
    expect(state({ ...asked, answers: rest }, 'goblet-squat')).toBe('locked');
    const before = { ...asked, answers: rest, loadedBefore: true };
    expect([state(before, 'goblet-squat'), healthPicture(before).careful]).toEqual(['open', ['not-asked']]);
  });

  it('after a birth nothing is loaded before a clearance', () => {
    const born = { ...asked, answers: { ...allNo, 'birth-within-year': 'yes' as const } };
    expect([state(born, 'goblet-squat'), state(born, 'glute-bridge')]).toEqual(['locked', 'favoured']);
    const given = clearance({ about: ['recent-birth'] });
    expect(state({ ...born, clearances: [given] }, 'goblet-squat')).toBe('restricted');
  });

  it.each([
    ['15', { birthYear: 2011, guardianConsent: true }, ['under-18']],
    ['40', { birthYear: 1986 }, []],
    ['70', { birthYear: 1956 }, ['from-65']],
    ['thin bones', { answers: { ...allNo, 'fragile-bones': 'yes' as const } }, ['fragile-bones']],
    ['a heart condition', { answers: { ...allNo, 'heart-condition': 'yes' as const } }, ['heart-or-pressure']],
  ] as const)('loads rise carefully for %s', (_who, over, causes) => {
    expect(healthPicture({ ...asked, answers: allNo, ...over }).careful).toEqual(causes);
  });
});
