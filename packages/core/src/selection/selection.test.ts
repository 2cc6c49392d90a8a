import { builtInCatalogue, getVariation, withCustom } from '../catalogue';
import { kitFor } from '../catalogue/knowledge';
import { KIT_PRESETS } from '../kit';
import { limitOn } from '../limits';
import type { PersonLimit } from '../limits';
import { standInsFor } from '.';
import { difficultyOf, emphasisAlike } from './alike';

const room = (id: string) => new Set(KIT_PRESETS.find((preset) => preset.id === id)?.items);
const studio = room('studio');
const home = room('living-room');
const ranked = (id: string, items: typeof studio, limits: PersonLimit[] = []) =>
  standInsFor(builtInCatalogue, getVariation(builtInCatalogue, id), items, limits);
const ids = (id: string, items: typeof studio, limits: PersonLimit[] = []) =>
  ranked(id, items, limits).ranked.map((s) => s.variationId);

describe('stand-ins (common practice, no source)', () => {
  it('a taken curl machine, at home too: the hamstring bridge on the floor first, a slider curl the nearest of the others', () => {
    for (const place of [studio, home])
      for (const machine of ['lying-leg-curl', 'seated-leg-curl'])
        expect(ids(machine, place).slice(0, 2)).toEqual(['one-leg-hamstring-bridge', 'hamstring-bridge']);
    expect(ids('lying-leg-curl', home).indexOf('slider-curl')).toBeLessThan(4);
  });

  it('a back squat without the rack keeps the pattern first', () => {
    const [first] = ranked('back-squat', new Set(['dumbbell', 'kettlebell', 'kettlebell-pair', 'dumbbell-pair'] as const)).ranked;
    expect(getVariation(builtInCatalogue, first!.variationId).family).toBe('squat');
    expect(first!.differs).toContainEqual({ code: 'same-pattern' });
    expect(first!.differs).toContainEqual({ code: 'needs-no', item: 'barbell' });
  });

  it('a sore knee in a forward lunge: nothing locked is offered, what is near and locked says so', () => {
    const limits: PersonLimit[] = [{ limit: 'knee-front', severity: 5 }];
    const { ranked: list, leftOut } = ranked('forward-lunge', studio, limits);
    expect(list.every((s) => limitOn(getVariation(builtInCatalogue, s.variationId), limits).state !== 'locked')).toBe(true);
    expect(list.slice(0, 4).map((s) => s.variationId)).toContain('reverse-lunge');
    expect(leftOut).toContainEqual(
      expect.objectContaining({ variationId: 'walking-lunge', why: expect.objectContaining({ code: 'locked' }) }),
    );
  });

  it('for every variation in both rooms: only what the room holds, never itself, best first, never much harder', () => {
    for (const variation of builtInCatalogue.variations) {
      for (const items of [studio, home]) {
        const { ranked: list } = standInsFor(builtInCatalogue, variation, items, []);
        for (const [at, { variationId, score, differs }] of list.entries()) {
          const other = getVariation(builtInCatalogue, variationId);
          expect(other.id).not.toBe(variation.id);
          expect(kitFor(other, items).isPossible).toBe(true);
          expect(differs.length).toBeGreaterThan(0);
          if (at > 0) expect(score).toBeLessThanOrEqual(list[at - 1]!.score);
          const [own, its] = [difficultyOf(variation), difficultyOf(other)];
          if (own !== null && its !== null) expect(its - own).toBeLessThan(0.35);
        }
      }
    }
  });

  it('in a studio every movement of the four families has a stand-in', () => {
    const without = builtInCatalogue.variations
      .filter(({ family }) => ['squat', 'lunge', 'hinge', 'bridge'].includes(family))
      .filter((v) => standInsFor(builtInCatalogue, v, studio, []).ranked.length === 0);
    expect(without.map(({ id }) => id)).toEqual([]);
  });

  it('a retired movement of the studio is left out, with why', () => {
    const own = {
      id: 'own-goblet-squat',
      basedOn: 'goblet-squat',
      revision: 2,
      retired: true,
      name: 'Own',
      aliases: [],
      family: 'squat',
      cues: ['a'],
      cautions: ['b'],
      repRange: null,
      loadPositions: ['goblet'],
      levers: [],
      prerequisites: [],
    } as const;
    const { leftOut } = standInsFor(
      withCustom(builtInCatalogue, [own]),
      getVariation(builtInCatalogue, 'goblet-squat'),
      studio,
      [],
    );
    expect(leftOut).toContainEqual({ variationId: 'own-goblet-squat', why: { code: 'retired' } });
  });

  it('emphasis alike is a cosine: itself 1, nothing shared 0, the same both ways', () => {
    const [a, b] = [getVariation(builtInCatalogue, 'nordic-curl'), getVariation(builtInCatalogue, 'leg-extension')];
    expect(emphasisAlike(a, a)).toBeCloseTo(1, 12);
    expect(emphasisAlike(a, b)).toBe(0);
    expect(emphasisAlike(b, a)).toBe(emphasisAlike(a, b));
  });
});
