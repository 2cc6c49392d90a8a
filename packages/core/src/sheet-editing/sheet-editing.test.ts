import { builtInCatalogue, getVariation } from '../catalogue';
import { compose, pairWithNext } from '../composer';
import { loadsForVariation } from '../dose';
import { startKit } from '../kit';
import { aJudgeContext, aSheetInput } from '../testing';
import {
  adaptTo,
  applyFix,
  chosenByHand,
  settleItem,
  settleSheet,
  sheetChanges,
  sheetOfComposition,
  stepDose,
  stepTempo,
  sumsOf,
  swappedIn,
  withArrangement,
  withValues,
} from '.';
import type { DraftSheet, EditedSheet } from '.';

const { pieces, machines, gear, items: things } = startKit('studio', 'kg');
const kit = { pieces, machines, gear, items: things };
const input = aSheetInput(aJudgeContext({ kit }));
const FRAME = { intent: 'build', splitDay: null, minutesBudget: 45, kitId: null } as const;
const EMPTY: DraftSheet = { ...FRAME, shape: 'straight-sets', blocks: [], items: [] };
let count = 0;
const newId = () => `item-${(count += 1)}`;
const saved = (draft: DraftSheet): EditedSheet => settleSheet(draft, newId).sheet;
const composed = sheetOfComposition(EMPTY, compose(input, { minutes: 45 }), FRAME);
const sheet = saved(composed);
const main = sheet.items.find(({ slot }) => slot === 'squat')!;
const squat = getVariation(builtInCatalogue, main.variationId);

describe('putting exercises on a sheet', () => {
  it('drawing it twice gives the same: nothing is made up before it is saved', () => {
    const again = sheetOfComposition(EMPTY, compose(input, { minutes: 45 }), FRAME);
    expect(again).toEqual(composed);
    expect(chosenByHand(input, sheet, 'calf-raise', 'accessory')).toEqual(chosenByHand(input, sheet, 'calf-raise', 'accessory'));
  });

  it('ids are given when it is saved, one each; what stays keeps its own, and what was worked out rides along', () => {
    const { sheet: first, made } = settleSheet(composed, newId);
    expect(new Set(first.items.map(({ id }) => id)).size).toBe(first.items.length);
    expect(made.map(({ itemId }) => itemId)).toEqual(first.items.map(({ id }) => id));
    expect(first.items.every((item) => !('made' in item))).toBe(true);
    const kept = sheetOfComposition(first, compose(input, { minutes: 45 }), FRAME);
    expect(saved(kept).items.map(({ id }) => id)).toEqual(first.items.map(({ id }) => id));
    // Settled once, there is nothing left to settle.
    expect(settleSheet(first, newId)).toEqual({ sheet: first, made: [] });
    expect(settleItem(first.items[0]!, newId)).toEqual({ item: first.items[0], made: null });
  });

  it('a swap takes the other’s load over where it says anything, and says who chose it', () => {
    const other = { variationId: 'wall-sit', role: 'main' } as const;
    const hold = swappedIn(input, sheet, { ...main, past: [] }, squat, other);
    expect([hold.slot, hold.dose.seconds !== undefined, hold.chosenWhy[0]?.code]).toEqual(['squat', true, 'chosen-by-hand']);
    const lift = swappedIn(input, sheet, { ...main, past: [] }, squat, { ...other, variationId: 'kettlebell-deadlift' });
    expect(lift.dose.sets).toBe(main.dose.sets);
  });

  it('held elsewhere, its weight becomes one that is held there; where nothing moves, nothing changes', () => {
    const split = getVariation(builtInCatalogue, 'split-squat');
    const item = chosenByHand(input, { ...sheet, items: [] }, split.id, 'main');
    const load = loadsForVariation(kit, split).findLast(({ externalKg }) => externalKg > 0)!;
    const held = { ...item, dose: { ...item.dose, load } };
    const place = split.loadPositions.find((one) => one !== 'none' && one !== load.position)!;
    const moved = withValues({ kit, limits: [] }, split, held, { 'load-position': place });
    expect([load.position, moved.dose.load.position]).toEqual(['sides', place]);
    expect(withValues({ kit, limits: [] }, split, held, held.values)).toEqual(held);
  });
});

describe('what differs between two versions', () => {
  it('is nothing between a sheet and itself; its frame comes first', () => {
    expect(sheetChanges(sheet, composed)).toEqual([]);
    const other = { ...sheet, minutesBudget: 30, intent: 'lighter' as const, kitId: 'kit-home', items: sheet.items.slice(1) };
    expect(sheetChanges(sheet, other).map(({ kind }) => kind)).toEqual(['intent', 'minutes', 'place', 'out']);
  });
});

describe('putting a sheet right', () => {
  it('each fix does what it is for, and a swap keeps the line it stands in', () => {
    const paired = withArrangement(sheet, pairWithNext(sheet, main.id)!);
    expect(paired.blocks.some(({ kind }) => kind === 'rounds')).toBe(true);
    const apart = applyFix(paired, { kind: 'unpair', itemId: main.id }, input);
    expect(apart?.blocks.every(({ kind }) => kind === 'straight')).toBe(true);
    expect(applyFix(sheet, { kind: 'remove', itemId: main.id }, input)?.items).toHaveLength(sheet.items.length - 1);
    const fewer = applyFix(sheet, { kind: 'fewer-sets', itemId: main.id }, input);
    expect(fewer?.items.find(({ id }) => id === main.id)?.dose.sets).toBe(Math.max(1, main.dose.sets - 1));
    const swapped = applyFix(sheet, { kind: 'swap', itemId: main.id }, input)!;
    const standIn = swapped.items.find(({ id }) => id === main.id)!;
    expect([standIn.blockId, standIn.slot]).toEqual([main.blockId, main.slot]);
    // What was worked out for the stand-in goes along to be shown.
    expect(settleSheet(swapped, newId).made).toMatchObject([{ itemId: main.id, made: { variationId: standIn.variationId } }]);
    expect(applyFix(sheet, { kind: 're-fit' }, input)).toBeNull();
    expect(applyFix(sheet, { kind: 'remove', itemId: 'nobody' }, input)).toBeNull();
  });

  it('an arrangement from elsewhere leaves out what is locked, and keeps nobody under their reserve', () => {
    const sore = aSheetInput(aJudgeContext({ kit, limits: [{ limit: 'low-back-bending', severity: 8 }] }));
    const source = {
      ...sheet,
      items: [
        { ...main, dose: { ...main.dose, reserve: 0, sets: 5 } },
        { ...main, slot: 'hinge', variationId: 'deadlift', values: {} },
      ],
    };
    const { content, left } = adaptTo(sore, EMPTY, source, []);
    expect(left.map(({ variationId }) => variationId)).toContain('deadlift');
    for (const { dose } of content.items) expect([dose.sets, dose.reserve > 0]).toEqual([5, true]);
  });
});

describe('numbers by hand', () => {
  const loads = loadsForVariation(kit, squat);

  it('loads step along the kit and stop at its ends; the ends of the range push each other', () => {
    const { dose } = main;
    expect(stepDose({ ...dose, load: loads.at(-1)! }, 'load', 1, loads)).toBeNull();
    expect(stepDose({ ...dose, load: loads[0]! }, 'load', 1, loads)?.load).toEqual(loads[1]);
    expect(stepDose({ ...dose, repsLow: 8, repsHigh: 8 }, 'repsLow', 1, loads)).toMatchObject({ repsLow: 9, repsHigh: 9 });
    expect(stepDose({ ...dose, sets: 12 }, 'sets', 1, loads)).toBeNull();
    expect(stepDose(dose, 'seconds', 1, loads)).toBeNull();
  });

  it('something always moves, and only lifting may be fast', () => {
    const tempo = { lowering: 1, bottom: 2, lifting: 0, top: 0 } as const;
    expect(stepTempo(tempo, 'lowering', -1)).toBeNull();
    expect(stepTempo(tempo, 'lifting', 1)?.lifting).toBe('x');
  });

  it('the sums follow an edit at once', () => {
    const stand = { kit, limits: [], items: sheet.items.map(({ id, dose }) => ({ id, proposed: dose })) };
    const sums = sumsOf(builtInCatalogue, stand, sheet, input);
    const more = { ...sheet, items: sheet.items.map((item) => ({ ...item, dose: { ...item.dose, sets: item.dose.sets + 2 } })) };
    const after = sumsOf(builtInCatalogue, stand, more, input);
    expect(after.minutes).toBeGreaterThan(sums.minutes);
    expect(after.setsByMuscle.glutes).toBeGreaterThan(sums.setsByMuscle.glutes ?? 0);
    expect(after.warnings.map(({ fix }) => fix.kind)).toContain('re-fit');
    expect(sumsOf(builtInCatalogue, stand, sheet, undefined).warnings).toEqual([]);
  });
});
