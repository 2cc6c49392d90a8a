import { builtInCatalogue, getVariation } from '../catalogue';
import { hasPlaces } from '../catalogue/knowledge';
import { allowedLoads } from '../dose';
import { defaultKit, roomOf } from '../kit';
import type { Kit } from '../kit';
import { HOME_ALONE } from '../testing';
import type { LimitId, LoadPosition } from '../vocabulary';
import { closedPlaces, heldAs, openPlaces, takenOn, withPlaceHere } from '.';
import type { Situation } from '.';

const get = (id: string) => getVariation(builtInCatalogue, id);
const studio = defaultKit('kg');
const kitOf = (keep: (piece: Kit['pieces'][number]) => boolean): Kit => ({ ...studio, pieces: studio.pieces.filter(keep) });
const oneBell = kitOf(({ type, value }) => type === 'kettlebell' && value === 16);
const FURNITURE = ['wall', 'box', 'bench', 'low-step', 'pad', 'slider', 'band', 'stick', 'chair', 'ball', 'strap'] as const;
const situation = (kit: Kit, over: Partial<Situation> = {}): Situation => ({
  kit,
  room: roomOf(kit, [...FURNITURE, 'rack'] as never),
  limits: [],
  ...over,
});
const limited = (limit: LimitId, severity: number | null): Partial<Situation> => ({
  limits: [{ limit, severity, side: 'both', cleared: [] } as never],
});
const settable = builtInCatalogue.variations.filter(hasPlaces).map(({ id }) => [id] as const);

// Source: design: one bell at home loads every lunge, split squat, step, step-down and bridge that can be loaded at all.
describe('one bell at home', () => {
  it.each(settable)('%s: has a place for it', (id) => {
    const here = situation(oneBell);
    expect(openPlaces(get(id), here).length).toBeGreaterThan(0);
    const [usual] = get(id).loadPositions;
    const { variation, values } = takenOn(get(id), {}, here);
    const heaviest = allowedLoads(oneBell, [], variation, values).at(-1)?.externalKg;
    // What is usually done with nothing held stays so until somebody loads it.
    expect(heaviest).toBe(usual === 'none' ? 0 : 16);
  });

  it('every lunge and step that takes a weight has the setting, or is named for its place', () => {
    const families = new Set(['lunge', 'step']);
    const without = builtInCatalogue.variations.filter(
      (one) => families.has(one.family) && one.loadPositions[0] !== 'none' && !hasPlaces(one),
    );
    expect(without.map(({ id }) => id)).toEqual([
      'goblet-split-squat',
      'barbell-split-squat',
      'safety-bar-split-squat',
      'barbell-lunge',
      'overhead-lunge',
    ]);
  });
});

it.each(settable)('%s: a place another movement is named for is that movement’s alone', (id) => {
  const own = get(id);
  const named = own.siblings
    .filter(({ lever }) => lever === 'load-position')
    .flatMap(({ variationId }) => get(variationId).loadPositions[0] ?? []);
  expect(own.loadPositions.slice(1).filter((place) => named.includes(place))).toEqual([]);
});

describe('where a weight is held here', () => {
  const rearFoot = get('rear-foot-elevated-split-squat');
  const placed = (over: Parameters<typeof situation>[1], kit = studio, place?: LoadPosition) =>
    withPlaceHere(rearFoot, place ? { 'load-position': place } : {}, situation(kit, over))['load-position'];

  it('at the usual place, which is not said; where it was put, as long as that can be', () => {
    expect(placed({})).toBeUndefined();
    expect(placed({}, studio, 'rack-one')).toBe('rack-one');
    expect(placed({}, oneBell, 'rack')).toBe('goblet');
    // A movement without the setting keeps what it was given.
    expect(withPlaceHere(get('goblet-squat'), {}, situation(oneBell))).toEqual({});
  });

  it('a limit moves it: the hands’ grip to the chest, the shoulder never overhead or under a bar', () => {
    expect(placed(limited('grip', 5))).toBe('goblet');
    expect(placed(limited('shoulder', 4), studio, 'overhead')).toBeUndefined();
    expect(placed(limited('shoulder', 4), studio, 'back-bar')).toBeUndefined();
    expect(placed(limited('shoulder', 2), studio, 'back-bar')).toBe('back-bar');
  });

  it('a bar is the trainer’s to choose, but for a movement never done without a weight', () => {
    const garage = kitOf(({ type }) => type === 'bar' || type === 'plate');
    const bareBar = situation({ ...garage, pieces: garage.pieces.filter(({ type }) => type === 'bar') });
    expect(withPlaceHere(get('reverse-lunge'), {}, bareBar)).toEqual({});
    expect(openPlaces(get('reverse-lunge'), bareBar)).toContain('front-bar');
    expect(withPlaceHere(get('front-rack-lunge'), {}, bareBar)).toEqual({ 'load-position': 'front-bar' });
    // Plates alone are held by their rims, and count as something to hold.
    expect(roomOf(garage, []).has('dumbbell')).toBe(true);
    expect(
      roomOf(
        kitOf(({ type }) => type === 'bar'),
        [],
      ).has('dumbbell'),
    ).toBe(false);
  });

  it('closed places are said with why: limit, safety, kit', () => {
    const closed = (over: Partial<Situation>, kit = studio) =>
      new Map(closedPlaces(rearFoot, situation(kit, over)).map(({ place, reasons }) => [place, reasons[0]?.code]));
    expect(closed({}).size).toBe(0);
    expect(closed({}, oneBell).get('rack')).toBe('kit-no-load');
    expect(closed(limited('shoulder', 4)).get('back-bar')).toBe('position-locks');
    expect(closed(limited('shoulder', 4)).get('overhead')).toBe('position-locks');
    expect(closed({ safety: HOME_ALONE }).get('back-bar')).toBe('bar-without-safeties');
    expect(closed({ room: roomOf(studio, ['bench']) }).get('front-bar')).toBe('kit-lacks');
    expect(closed(limited('pregnancy', null)).has('goblet')).toBe(false);
  });

  it('nothing is laid across the hips where a limit locks it', () => {
    const bridge = get('one-leg-glute-bridge');
    for (const limit of ['pregnancy', 'hernia-caesarean', 'recent-birth', 'after-surgery'] as const) {
      expect(openPlaces(bridge, situation(studio, limited(limit, null)))).toEqual([]);
    }
    expect(openPlaces(bridge, situation(studio))).toEqual(['hips']);
  });
});

describe('what a place makes of a movement', () => {
  it('a bar on the back is one: its traits, rack, set-up time; a lighter first load overhead', () => {
    const lunge = get('forward-lunge');
    const barred = heldAs(lunge, { 'load-position': 'back-bar' });
    expect(barred.traits).toEqual(expect.arrayContaining(['back-bar', 'heavy-brace']));
    expect(barred.kit).toEqual(expect.arrayContaining([['barbell'], ['rack']]));
    expect(barred.setUpSeconds).toBe(120);
    expect(heldAs(lunge, { 'load-position': 'overhead' }).firstLoadShare.trained).toBeLessThan(
      0.8 * lunge.firstLoadShare.trained,
    );
    const rearFoot = get('rear-foot-elevated-split-squat');
    expect(heldAs(rearFoot, { 'load-position': 'overhead' }).firstLoadShare.novice).toBeLessThan(
      0.8 * rearFoot.firstLoadShare.novice,
    );
    expect(heldAs(lunge, {})).toBe(lunge);
    expect(heldAs(lunge, { 'load-position': 'sides' })).toBe(lunge);
  });
});
