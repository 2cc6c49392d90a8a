import fc from 'fast-check';
import { builtInCatalogue, getVariation } from '../catalogue';
import { allowedLoads } from '../dose';
import { defaultKit } from '../kit';
import { LIMITS, LOAD_POSITIONS, SORE_LIMITS } from '../vocabulary';
import type { LimitId, LoadPosition } from '../vocabulary';
import { limitOn, loadCapFor, positionOn } from '.';
import type { PersonLimit } from '.';

const kit = defaultKit('kg');
const RANK = { locked: 0, restricted: 1, open: 2, favoured: 2 };
const at = (position: LoadPosition, limit: LimitId, severity: number | null) => positionOn(position, [{ limit, severity }]).state;

// Source: design: a weight's position is judged, not the variation's name. Usual clinical and coaching practice, from memory.
describe('where a weight is held', () => {
  it.each([
    ['pregnancy', 'hips', null, 'locked'],
    ['pregnancy', 'belly', null, 'locked'],
    ['pregnancy', 'goblet', null, 'open'],
    ['hernia-caesarean', 'hips', null, 'locked'],
    ['recent-birth', 'hips', null, 'locked'],
    ['after-surgery', 'hips', null, 'locked'],
    ['blood-thinners', 'hips', null, 'restricted'],
    ['blood-thinners', 'back-bar', null, 'open'],
    ['grip', 'sides', 2, 'open'],
    ['grip', 'sides', 3, 'restricted'],
    ['grip', 'bar-in-hands', 4, 'restricted'],
    ['grip', 'bar-in-hands', 5, 'locked'],
    ['grip', 'hips', 8, 'open'],
    ['shoulder', 'back-bar', 3, 'open'],
    ['shoulder', 'back-bar', 4, 'locked'],
    ['shoulder', 'front-bar', 5, 'restricted'],
    ['shoulder', 'front-bar', 6, 'locked'],
    ['shoulder', 'overhead', 3, 'locked'],
    ['shoulder', 'sides', 8, 'open'],
    ['knee-front', 'back-bar', 10, 'open'],
  ] as const)('%s, %s at %s: %s', (limit, position, severity, want) => expect(at(position, limit, severity)).toBe(want));

  it('each limit, each severity, each position: worse never opens, and an unasked severity is never mild', () => {
    for (const limit of LIMITS) {
      for (const position of LOAD_POSITIONS) {
        for (let severity = 1; severity < 10; severity += 1) {
          const [now, worse] = [at(position, limit, severity), at(position, limit, severity + 1)];
          expect([limit, position, severity, RANK[worse] <= RANK[now]]).toEqual([limit, position, severity, true]);
        }
        expect([limit, position, RANK[at(position, limit, null)] <= RANK[at(position, limit, 1)]]).toEqual([
          limit,
          position,
          true,
        ]);
      }
    }
  });

  it('each sore limit, each severity, each movement: worse opens none and adds no load', () => {
    for (const limit of SORE_LIMITS) {
      for (const variation of builtInCatalogue.variations) {
        let before: { rank: number; loads: number } | null = null;
        for (let severity = 0; severity <= 10; severity += 1) {
          const limits: PersonLimit[] = [{ limit, severity }];
          // A movement a limit favours is as open as one it says nothing of.
          const now = { rank: RANK[limitOn(variation, limits).state], loads: allowedLoads(kit, limits, variation).length };
          if (before) {
            expect([limit, variation.id, severity, now.rank <= before.rank]).toEqual([limit, variation.id, severity, true]);
            expect([limit, variation.id, severity, now.loads <= before.loads]).toEqual([limit, variation.id, severity, true]);
          }
          before = now;
        }
      }
    }
  });

  it('any of the bridges that carry it on the hips lies unloaded with somebody pregnant', () => {
    const limits: PersonLimit[] = [{ limit: 'pregnancy', severity: null }];
    for (const variation of builtInCatalogue.variations.filter(({ loadPositions }) => loadPositions[0] === 'hips')) {
      const loads = allowedLoads(kit, limits, variation).map(({ externalKg }) => externalKg);
      expect([variation.id, loads.every((kg) => kg === 0)]).toEqual([variation.id, true]);
    }
  });

  it('a hand that locks weights locks them in a split squat, and leaves the goblet squat its bell', () => {
    const limits: PersonLimit[] = [{ limit: 'grip', severity: 6 }];
    const most = (id: string) => allowedLoads(kit, limits, getVariation(builtInCatalogue, id)).at(-1)?.externalKg ?? 0;
    expect(most('split-squat')).toBe(0);
    expect(most('goblet-squat')).toBeGreaterThan(0);
  });

  it('health nobody asked about, and a birth nobody cleared, bound every load at nothing', () => {
    for (const limit of ['health-not-asked', 'recent-birth'] as const) {
      for (const variation of builtInCatalogue.variations) {
        expect([limit, loadCapFor(variation, [{ limit, severity: null }])]).toEqual([limit, 0]);
        const heaviest = allowedLoads(kit, [{ limit, severity: null }], variation).at(-1)?.externalKg ?? 0;
        expect([variation.id, heaviest]).toEqual([variation.id, 0]);
      }
    }
  });

  it('a clearance’s bound holds for every movement it opens', () => {
    fc.assert(
      fc.property(fc.constantFrom(...builtInCatalogue.variations), (variation) => {
        const scope = { families: [variation.family], range: 'full', maxLoadKg: 10, side: 'both', painUpTo: null } as const;
        const limits: PersonLimit[] = [{ limit: 'after-surgery', severity: null, cleared: [scope] }];
        const capKg = loadCapFor(variation, limits);
        const loads = allowedLoads(kit, limits, variation);
        expect(loads.every(({ externalKg }) => externalKg <= 10)).toBe(true);
        expect(capKg).toBe(10);
      }),
    );
  });
});
