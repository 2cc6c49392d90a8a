import { contentOfSheet, sheetContent } from '@drubo/contracts';
import { builtInCatalogue, getVariation } from '@drubo/core/catalogue';
import { addItem, compose, pairWithNext } from '@drubo/core/composing';
import {
  adaptTo,
  applyFix,
  chosenByHand,
  settleSheet,
  sheetOfComposition,
  sumsOf,
  withArrangement,
} from '@drubo/core/sheet-editing';
import type { DraftSheet } from '@drubo/core/sheet-editing';
import { aComposing, aSheet } from '../../../tests/builders';
import { inputAt } from '../../data/composing-input';
import { changeLines } from '../../parts/sheet/ChangeList';
import { textOf } from './TextDialog';

const sheet = aSheet();
const content = contentOfSheet(sheet);
const input = inputAt(aComposing(), null);
let ids0 = 0;
const toSend = (draft: DraftSheet) => settleSheet(draft, () => `item-${(ids0 += 1)}-abcdef`).sheet;
const ids = ({ items }: { items: readonly { variationId: string }[] }) => items.map(({ variationId }) => variationId);

describe('putting exercises on a sheet', () => {
  it('a movement chosen by hand is dosed for its role, goes on by muscle or family, and says who chose it', () => {
    const calf = chosenByHand(input, content, 'calf-raise', 'accessory');
    expect([calf.slot, calf.chosenWhy[0]?.code]).toEqual(['calves', 'chosen-by-hand']);
    expect(chosenByHand(input, content, 'leg-press', 'main').slot).toBe('squat-2');
    expect(chosenByHand(input, content, 'clam', 'prep').slot).toBe('prep-clam');
    expect(chosenByHand(input, content, 'plank', 'finisher').dose.seconds).toBe(20);
    const added = withArrangement(content, addItem(content, calf, 'accessory'));
    expect(sheetContent.safeParse(toSend(added)).error).toBeUndefined();
  });

  it('a composed session keeps the ids of what stays, and is a sheet the server takes', () => {
    const goesOn = content.items
      .filter(({ slot }) => slot === 'squat')
      .map(({ slot, variationId, dose }) => ({
        slot,
        variationId,
        values: {},
        method: 'reserve-led' as const,
        methodChosen: false,
        dose,
        leftOut: false,
        lastDecision: null,
      }));
    const made = compose(inputAt(aComposing({ tracks: goesOn }), null), { minutes: 40 });
    const next = sheetOfComposition(content, made, { intent: 'build', splitDay: null, minutesBudget: 40, kitId: null });
    expect(sheetContent.safeParse(toSend(next)).error).toBeUndefined();
    const squat = content.items.find(({ slot }) => slot === 'squat');
    const same = next.items.find(({ variationId }) => variationId === squat?.variationId);
    expect(same?.id).toBe(squat?.id);
    expect(changeLines(content, next)[0]).toMatch(/^Shape: /);
  });
});

describe('fixes', () => {
  it('each puts right what it is for', () => {
    const paired = withArrangement(content, pairWithNext(content, content.items[0]!.id)!);
    const [squat, hinge] = paired.items;
    const apart = applyFix(paired, { kind: 'unpair', itemId: squat!.id }, input);
    expect(apart?.blocks.every(({ kind }) => kind === 'straight')).toBe(true);
    const fewer = applyFix(content, { kind: 'fewer-sets', itemId: squat!.id }, input);
    expect(fewer?.items[0]?.dose.sets).toBe(squat!.dose.sets - 1);
    const eased = applyFix(content, { kind: 'lighter', itemId: squat!.id }, input);
    expect(eased?.items[0]?.dose.reserve).toBeGreaterThanOrEqual(4);
    const loaded = applyFix(content, { kind: 'load', itemId: squat!.id, loadKg: 24 }, input);
    expect(loaded?.items[0]?.dose.load.externalKg).toBe(24);
    expect(applyFix(content, { kind: 'remove', itemId: hinge!.id }, input)?.items).toHaveLength(content.items.length - 1);
    const moved = applyFix(content, { kind: 'move-before', itemId: hinge!.id, ontoId: squat!.id }, input);
    expect(moved?.items.map(({ id }) => id).slice(0, 2)).toEqual([hinge!.id, squat!.id]);
    const swapped = applyFix(content, { kind: 'swap', itemId: squat!.id }, input);
    expect(swapped?.items[0]).toMatchObject({ id: squat!.id, slot: 'squat' });
    expect(swapped?.items[0]?.variationId).not.toBe(squat!.variationId);
    const set = applyFix(content, { kind: 'settings', itemId: squat!.id, values: { 'heel-lift': 25 } }, input);
    expect(set?.items[0]?.values).toEqual({ 'heel-lift': 25 });
    expect(applyFix(content, { kind: 're-fit' }, input)).toBeNull();
    expect(applyFix(content, { kind: 'load', itemId: squat!.id, loadKg: 23.5 }, input)).toBeNull();
  });
});

describe('an arrangement from elsewhere', () => {
  it('comes with its sets, reps and rests, and this person’s own loads and limits', () => {
    const other = content.items.map((item) => ({
      ...item,
      dose: { ...item.dose, sets: 4, reserve: 1, load: { ...item.dose.load, externalKg: 200 } },
    }));
    const sore = inputAt(aComposing({ limits: [{ limit: 'low-back-bending', severity: 6 }] }), null);
    const source = {
      ...content,
      blocks: [...content.blocks],
      items: [...other, { ...other[0]!, slot: 'hinge-2', variationId: 'deadlift', values: {} }],
    };
    const { content: fitted, left } = adaptTo(sore, content, source, []);
    expect(left.map(({ variationId }) => variationId)).toContain('deadlift');
    for (const { dose } of fitted.items) {
      expect([dose.sets, dose.load.externalKg < 200]).toEqual([4, true]);
      // Source: house rule: nobody is taken below what they are kept to.
      expect(dose.reserve).toBeGreaterThanOrEqual(2);
    }
    expect(sheetContent.safeParse(toSend(fitted)).error).toBeUndefined();
  });

  it('what went in turn with something locked stands by itself; settings it lacks are dropped', () => {
    const paired = withArrangement(content, pairWithNext(content, content.items[0]!.id)!);
    const items = paired.items.map((item, at) =>
      at === 1 ? { ...item, variationId: 'deadlift', values: { 'box-height': 40 } } : item,
    );
    const sore = inputAt(aComposing({ limits: [{ limit: 'low-back-bending', severity: 8 }] }), null);
    const { content: fitted } = adaptTo(sore, content, { ...paired, items }, []);
    expect(fitted.blocks.every(({ kind }) => kind === 'straight')).toBe(true);
    const odd = adaptTo(input, content, { ...content, items: [{ ...content.items[0]!, values: { 'step-height': 30 } }] }, []);
    expect(odd.content.items[0]?.values).toEqual({});
  });
});

describe('on top of a sheet', () => {
  it('minutes by stretch, balance, sets per muscle and what to fetch follow an edit at once', () => {
    const sums = sumsOf(builtInCatalogue, sheet, content, input);
    expect(sums.byRole.map(({ role }) => role)).toEqual(['main']);
    expect(sums.balance).toMatchObject({ kneeSets: 4, hipSets: 4 });
    expect(sums.fetch.pieces.length).toBeGreaterThan(0);
    const more = {
      ...content,
      items: content.items.map((item) => ({ ...item, dose: { ...item.dose, sets: item.dose.sets + 2 } })),
    };
    const after = sumsOf(builtInCatalogue, sheet, more, input);
    expect(after.minutes).toBeGreaterThan(sums.minutes);
    expect(after.setsByMuscle.glutes).toBeGreaterThan(sums.setsByMuscle.glutes ?? 0);
    expect(sumsOf(builtInCatalogue, sheet, { ...content, minutesBudget: 10 }, input).warnings[0]?.fix).toEqual({
      kind: 're-fit',
    });
    expect(sumsOf(builtInCatalogue, sheet, content, undefined).warnings).toEqual([]);
  });

  it('is written down with every exercise and its cautions', () => {
    const text = textOf(sheet, 30);
    for (const id of ids(sheet)) expect(text).toContain(getVariation(builtInCatalogue, id).name);
    expect(text.split('\n')[0]).toBe('Test Person · 30 min');
    expect(text).toContain('MIND');
  });
});
