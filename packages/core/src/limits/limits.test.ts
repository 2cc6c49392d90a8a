import fc from 'fast-check';
import { builtInCatalogue, getVariation } from '../catalogue';
import { LIMITS } from '../vocabulary';
import { carefulCauses } from './careful';
import { limitOn, LIMIT_RULES } from '.';
import type { PersonLimit } from '.';

const state = (id: string, ...limits: PersonLimit[]) => limitOn(getVariation(builtInCatalogue, id), limits).state;
const RANK = { locked: 0, restricted: 1, open: 2, favoured: 2 };

describe('the limits matrix', () => {
  it('has one rule for each limit, and each selects something that exists', () => {
    expect(LIMIT_RULES.map(({ id }) => id).sort()).toEqual([...LIMITS].sort());
    for (const rule of LIMIT_RULES) {
      for (const { ids } of [...rule.locks.map((r) => r.who), ...rule.restricts.map((r) => r.who), ...rule.favours]) {
        for (const id of ids ?? []) expect(getVariation(builtInCatalogue, id).id).toBe(id);
      }
      const speaks = builtInCatalogue.variations.some((v) => limitOn(v, [{ limit: rule.id, severity: 6 }]).reasons.length > 0);
      expect([rule.id, speaks]).toEqual([rule.id, true]);
    }
  });

  // Source: usual clinical and coaching practice, from memory.
  it.each([
    ['knee-front', 1, 'knee-forward-squat', 'locked'],
    ['knee-front', 3, 'walking-lunge', 'open'],
    ['knee-front', 4, 'walking-lunge', 'locked'],
    ['knee-front', 3, 'step-up', 'restricted'],
    ['knee-front', 5, 'glute-bridge', 'favoured'],
    ['knee-front', 5, 'bodyweight-box-squat', 'favoured'],
    ['groin', 5, 'cossack-squat', 'locked'],
    ['low-back-bending', 5, 'deadlift', 'locked'],
    ['low-back-bending', 5, 'dumbbell-romanian-deadlift', 'restricted'],
    ['low-back-bending', 5, 'goblet-squat', 'favoured'],
    ['shoulder', 5, 'overhead-squat', 'locked'],
    ['shoulder', 3, 'back-squat', 'restricted'],
    ['wrist', 5, 'front-squat', 'restricted'],
    ['ankle-achilles-calf-foot', 1, 'box-jump', 'locked'],
    ['grip', 4, 'deadlift', 'restricted'],
  ] as const)('%s at %d: %s is %s', (limit, severity, id, want) => expect(state(id, { limit, severity })).toBe(want));

  it.each([
    ['pregnancy', 'barbell-hip-thrust', 'locked'],
    ['pregnancy', 'glute-bridge', 'restricted'],
    ['epilepsy', 'back-squat', 'locked'],
    ['balance', 'walking-lunge', 'locked'],
    ['balance', 'split-squat', 'restricted'],
    ['blood-pressure-raised', 'goblet-squat', 'locked'],
    ['blood-thinners', 'barbell-glute-bridge', 'locked'],
    ['hernia-caesarean', 'belly-held-hinge', 'locked'],
  ] as const)('%s: %s is %s', (limit, id, want) => expect(state(id, { limit, severity: null })).toBe(want));

  it('a severity nobody asked is never read as mild', () => {
    expect(state('walking-lunge', { limit: 'knee-front', severity: null })).toBe('locked');
  });

  it('every lock names what opens it', () => {
    const { reasons } = limitOn(getVariation(builtInCatalogue, 'deadlift'), [{ limit: 'low-back-bending', severity: 6 }]);
    expect(reasons).toContainEqual(
      expect.objectContaining({
        code: 'limit-locks',
        values: expect.objectContaining({ unlock: 'soreness-below-4', severity: 6 }),
      }),
    );
  });

  it('more limits, or worse ones, never open a movement', () => {
    const limit = fc.record({ limit: fc.constantFrom(...LIMITS), severity: fc.integer({ min: 1, max: 10 }) });
    fc.assert(
      fc.property(
        fc.constantFrom(...builtInCatalogue.variations),
        fc.array(limit, { maxLength: 3 }),
        limit,
        (variation, some, more) => {
          const before = limitOn(variation, some).state;
          expect(RANK[limitOn(variation, [...some, more]).state]).toBeLessThanOrEqual(RANK[before]);
          const worse = { ...more, severity: 10 };
          expect(RANK[limitOn(variation, [worse]).state]).toBeLessThanOrEqual(RANK[limitOn(variation, [more]).state]);
        },
      ),
    );
  });
});

describe('who is loaded slowly, whatever the movement', () => {
  // Common practice, no source: growing and ageing bodies, pregnancy, the year after a birth, thin bones, heart and pressure.
  it.each([
    ['pregnancy', 'pregnancy'],
    ['recent-birth', 'birth-within-year'],
    ['fragile-bones', 'fragile-bones'],
    ['blood-pressure-raised', 'heart-or-pressure'],
    ['heart-pressure-stroke-cleared', 'heart-or-pressure'],
  ] as const)('%s is a cause: %s', (limit, cause) => {
    expect(carefulCauses(35, [{ limit, severity: null }], [])).toEqual([cause]);
  });

  it('so are age at both ends and health nobody asked about; a sore knee is not', () => {
    expect([17, 18, 64, 65].map((age) => carefulCauses(age, [], []))).toEqual([['under-18'], [], [], ['from-65']]);
    expect(carefulCauses(null, [], ['pain'])).toEqual(['not-asked']);
    expect(carefulCauses(null, [{ limit: 'knee-front', severity: 6 }], [])).toEqual([]);
  });
});
