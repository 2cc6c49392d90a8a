import { builtInCatalogue, getVariation } from '../catalogue';
import { defaultKit, roomOf } from '../kit';
import type { Kit } from '../kit';
import { aJudgeContext } from '../testing';
import { STUDIO_ITEMS } from '../vocabulary';
import type { LeverValues, Role } from '../vocabulary';
import { planItem } from './plan-item';
import { pairWithNext } from './edits';
import type { Content } from './content';
import type { SheetInput } from './types';
import { balanceOf, warningsOf } from './warnings';
import type { WarnedItem } from './warnings';

const input = (over: Partial<SheetInput> = {}, context: Partial<SheetInput['context']> = {}): SheetInput => ({
  context: aJudgeContext({ room: roomOf(defaultKit('kg'), STUDIO_ITEMS), ...context }),
  tracks: [],
  stage: { sessionsDone: 12, dayOfTraining: 80, daysSinceLast: 3 },
  schools: {},
  day: 100,
  pastOf: () => [],
  ...over,
});
const item = (id: string, values: LeverValues = {}, over: Partial<WarnedItem> = {}): WarnedItem => {
  const planned = planItem(input(), { slot: id, role: 'main' }, { variationId: id, values, reasons: [] });
  return { id, blockId: 'b0', slot: id, variationId: id, values, dose: planned.dose, feelers: 0, ...over };
};
const straight = (items: WarnedItem[], role: Role = 'main'): Content<WarnedItem> => ({
  blocks: [{ id: 'b0', role, kind: 'straight', roundRestSeconds: 0 }],
  items,
});
const ROOMY = { minutes: 30, budget: 60 };
const codes = (sheet: SheetInput, content: Content<WarnedItem>, time = ROOMY) =>
  warningsOf(sheet, content, time).map(({ reason, fix }) => [reason.code, fix.kind]);
/** Lifts somebody has done before, so that nothing is said of what they build on. */
const DONE: Partial<SheetInput> = {
  pastOf: () => [{ sessionId: 's', day: 50, dose: item('goblet-squat').dose, values: {}, sets: [] }],
};

// Source: common practice, no source, unless said otherwise.
describe('what is wrong with a sheet', () => {
  it('nothing, where nothing is', () => {
    expect(codes(input(DONE), straight([item('goblet-squat'), item('dumbbell-romanian-deadlift')]))).toEqual([]);
  });

  it('both of a pair need the only bench', () => {
    const two = straight([item('hip-thrust'), item('rear-foot-elevated-split-squat', {}, { slot: 'lunge' })]);
    const paired = pairWithNext(two, 'hip-thrust') as Content<WarnedItem>;
    const kit: Kit = { ...defaultKit('kg'), gear: [] };
    const oneBench = roomOf(kit, ['bench', 'wall', 'pad']);
    const warned = warningsOf(input(DONE, { kit, room: oneBench }), paired, ROOMY);
    expect(warned[0]).toMatchObject({
      reason: { code: 'warn-shared-kit', values: { item: 'bench' } },
      fix: { kind: 'unpair', itemId: 'rear-foot-elevated-split-squat' },
    });
    const withBox = roomOf(kit, ['bench', 'box', 'wall', 'pad']);
    expect(codes(input(DONE, { kit, room: withBox }), paired)).not.toContainEqual(['warn-shared-kit', 'unpair']);
    expect(codes(input(DONE, { kit, room: oneBench }), two)).not.toContainEqual(['warn-shared-kit', 'unpair']);
  });

  it('more minutes than there are', () => {
    expect(codes(input(DONE), straight([item('goblet-squat')]), { minutes: 61, budget: 60 })).toEqual([
      ['warn-minutes', 're-fit'],
    ]);
  });

  it('a movement locked for the person, which must not be trained', () => {
    const sheet = input(DONE, { limits: [{ limit: 'low-back-bending', severity: 6 }] });
    const [warned] = warningsOf(sheet, straight([item('deadlift')]), ROOMY);
    expect(warned).toMatchObject({ isHard: true, reason: { code: 'warn-locked' }, fix: { kind: 'swap' } });
  });

  it('a setting beyond a limit is set back; an easier one stands', () => {
    const sheet = input(DONE, { limits: [{ limit: 'knee-front', severity: 4 }] });
    const deep = straight([item('goblet-squat', { 'knee-travel': 'free' })]);
    const warned = warningsOf(sheet, deep, ROOMY).find(({ reason }) => reason.code === 'warn-setting');
    expect(warned).toMatchObject({ isHard: true, fix: { kind: 'settings', values: { 'knee-travel': 'limited' } } });
    expect(codes(sheet, straight([item('goblet-squat', { 'knee-travel': 'limited' })]))).toEqual([]);
  });

  it('a load that can’t be made here names the nearest', () => {
    const odd = item('goblet-squat');
    const off = { ...odd, dose: { ...odd.dose, load: { ...odd.dose.load, externalKg: 23 } } };
    const [warned] = warningsOf(input(DONE), straight([off]), ROOMY);
    expect(warned).toMatchObject({ reason: { code: 'warn-off-kit', values: { loadKg: 23 } }, fix: { kind: 'load' } });
    expect([22, 24]).toContain(warned?.fix.kind === 'load' && warned.fix.loadKg);
  });

  it('the same family hard again within two days', () => {
    const sheet = input({ ...DONE, recent: [{ day: 99, hardSetsByMuscle: {}, heavyFamilies: ['squat'] }] });
    const hard = item('goblet-squat');
    const usual = { ...hard, dose: { ...hard.dose, reserve: 2 } };
    expect(codes(sheet, straight([usual, item('glute-bridge')]))).toEqual([['warn-48h', 'lighter']]);
    const easy = item('goblet-squat');
    expect(codes(sheet, straight([{ ...easy, dose: { ...easy.dose, reserve: 4 } }]))).toEqual([]);
  });

  it('a bar after one-leg work', () => {
    const late = straight([item('split-squat'), item('back-squat'), item('glute-bridge', {}, { slot: 'bridge' })]);
    expect(warningsOf(input(DONE), late, ROOMY)).toMatchObject([
      { reason: { code: 'warn-order' }, fix: { kind: 'move-before', itemId: 'back-squat', ontoId: 'split-squat' } },
    ]);
  });

  it('a pair with unequal sets, and a movement that stands there twice', () => {
    const [a, b] = [item('goblet-squat'), item('glute-bridge')];
    const paired = pairWithNext(straight([a, { ...b, dose: { ...b.dose, sets: 1 } }]), a.id) as Content<WarnedItem>;
    expect(codes(input(DONE), paired)).toEqual([['warn-unequal-rounds', 'even']]);
    const again = straight([a, item('glute-bridge'), item('goblet-squat', {}, { id: 'again', slot: 'squat-2' })]);
    expect(codes(input(DONE), again)).toContainEqual(['warn-twice', 'remove']);
  });

  it('a movement whose groundwork was never shown', () => {
    expect(codes(input(), straight([item('nordic-curl')]))).toContainEqual(['warn-prerequisite', 'swap']);
    expect(codes(input(DONE), straight([item('nordic-curl')]))).not.toContainEqual(['warn-prerequisite', 'swap']);
  });

  it('knees and hips far apart', () => {
    const knees = straight([item('goblet-squat'), item('split-squat'), item('step-up', {}, { slot: 'front-thigh' })]);
    expect(codes(input(DONE), knees)).toContainEqual(['warn-balance', 'fewer-sets']);
    const both = balanceOf(straight([item('goblet-squat'), item('glute-bridge')]), (id) => getVariation(builtInCatalogue, id));
    expect(both).toEqual({ kneeSets: 3, hipSets: 3, oneLegSets: 0, twoLegSets: 6 });
    const drills = balanceOf(straight([item('goblet-squat')], 'prep'), (id) => getVariation(builtInCatalogue, id));
    expect(drills.kneeSets).toBe(0);
  });

  it('another place warns of what it lacks', () => {
    const kit: Kit = { pieces: [], machines: [], gear: [] };
    const sheet = input(DONE, { kit, room: new Set(['wall']) });
    expect(codes(sheet, straight([item('back-squat'), item('glute-bridge')]))[0]).toEqual(['warn-locked', 'swap']);
  });
});
