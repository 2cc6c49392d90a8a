import fc from 'fast-check';
import { builtInCatalogue, getVariation } from '../catalogue';
import { defaultKit, KIT_PRESETS, roomOf } from '../kit';
import type { Kit } from '../kit';
import { KIT_ITEMS } from '../vocabulary';
import { accessTo } from '.';
import type { PlaceSafety } from '.';

const NOTHING: Kit = { pieces: [], machines: [], gear: [] };
const studio = defaultKit('kg');
const studioRoom = roomOf(studio, KIT_PRESETS[0].items);
const alone: PlaceSafety = {
  isHome: false,
  isAlone: true,
  hasSafeties: false,
  hasSpotter: false,
  hasPractisedBailOut: true,
  hasCollars: true,
  hasFullDiscs: true,
};
const at = (id: string, safety: PlaceSafety) =>
  accessTo(getVariation(builtInCatalogue, id), { kit: studio, room: studioRoom, limits: [], safety });

// Source: usual coaching practice, from memory: alone or at home no free bar over the body without safeties.
describe('a bar over the body', () => {
  it.each<[string, string, Partial<PlaceSafety>, string]>([
    ['alone without safeties', 'back-squat', {}, 'locked'],
    ['alone without safeties, held in front', 'front-squat', {}, 'locked'],
    ['alone with safeties', 'back-squat', { hasSafeties: true }, 'open'],
    ['at home in company', 'back-squat', { isAlone: false, isHome: true }, 'locked'],
    ['in company, has practised bailing out', 'back-squat', { isAlone: false }, 'open'],
    ['in company, nobody practised anything', 'back-squat', { isAlone: false, hasPractisedBailOut: false }, 'restricted'],
    ['in company with a spotter', 'back-squat', { isAlone: false, hasPractisedBailOut: false, hasSpotter: true }, 'open'],
    ['a pull from the floor with small discs', 'deadlift', { hasFullDiscs: false }, 'restricted'],
    ['a bar without collars', 'romanian-deadlift', { hasCollars: false }, 'restricted'],
    ['a pull with discs and collars', 'deadlift', {}, 'open'],
    ['a bell in front of the chest needs none of it', 'goblet-squat', {}, 'open'],
  ])('%s', (_name, id, over, state) => expect(at(id, { ...alone, ...over }).state).toBe(state));
});

describe('what a room is', () => {
  it('two dumbbells of one size are a pair, one is not', () => {
    const dumbbells = (owned: number): Kit => ({
      ...NOTHING,
      pieces: [{ id: 'd', type: 'dumbbell', value: 8, unit: 'kg', owned }],
    });
    expect([...roomOf(dumbbells(2), ['sofa'])].sort()).toEqual(['dumbbell', 'dumbbell-pair', 'sofa']);
    expect([...roomOf(dumbbells(1), [])]).toEqual(['dumbbell']);
    expect([...roomOf(dumbbells(0), [])]).toEqual([]);
  });

  it('only thin plates serve as wedges; two benches are a bench and another', () => {
    const plate = (value: number): Kit => ({ ...NOTHING, pieces: [{ id: 'p', type: 'plate', value, unit: 'kg', owned: 2 }] });
    expect(roomOf(plate(2.5), []).has('small-plates')).toBe(true);
    expect(roomOf(plate(20), []).has('small-plates')).toBe(false);
    expect(roomOf({ ...NOTHING, gear: [{ id: 'b', item: 'bench', heightCm: 45, owned: 2 }] }, []).has('second-bench')).toBe(true);
  });
});

it('less kit, fewer things in the room or a less safe place never opens a movement', () => {
  const isOpen = (state: string) => state !== 'locked';
  fc.assert(
    fc.property(
      fc.constantFrom(...builtInCatalogue.variations),
      fc.subarray([...studio.pieces]),
      fc.subarray([...KIT_ITEMS]),
      fc.record({
        isHome: fc.boolean(),
        isAlone: fc.boolean(),
        hasSafeties: fc.boolean(),
        hasSpotter: fc.boolean(),
        hasPractisedBailOut: fc.boolean(),
        hasCollars: fc.boolean(),
        hasFullDiscs: fc.boolean(),
      }),
      (variation, pieces, items, place) => {
        const full = { kit: studio, room: roomOf(studio, KIT_ITEMS), limits: [] };
        const less = { kit: { ...studio, pieces }, room: roomOf({ ...studio, pieces }, items), limits: [], safety: place };
        if (isOpen(accessTo(variation, less).state)) expect(isOpen(accessTo(variation, full).state)).toBe(true);
        const unsafe = { ...less, safety: { ...place, hasSafeties: false } };
        if (isOpen(accessTo(variation, unsafe).state)) expect(isOpen(accessTo(variation, less).state)).toBe(true);
      },
    ),
  );
});
