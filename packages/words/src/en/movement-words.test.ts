import { builtInCatalogue, getVariation } from '@drubo/core/catalogue';
import { FAULT_TABLE, LADDERS, oneNotch } from '@drubo/core/knowledge';
import { KIT_PRESETS } from '@drubo/core/kit';
import { limitOn } from '@drubo/core/limits';
import { standInsFor } from '@drubo/core/selection';
import { isPerSide, KIT_ITEMS, LIMITS } from '@drubo/core/vocabulary';
import type { KitItem } from '@drubo/core/vocabulary';
import { explain } from '../explain';
import {
  formatLeverValue,
  formatDifference,
  formatGate,
  formatMissing,
  formatNotch,
  formatPostureRemedies,
  formatRemedy,
  formatWhyNot,
} from './movement-words';

const nameOf = (id: string) => getVariation(builtInCatalogue, id).name;
const isSentence = (text: string) => {
  expect(text).not.toMatch(/undefined|null|NaN|\[object/);
  expect(text.length).toBeGreaterThan(2);
};

describe('words about movements', () => {
  it('a gate says sets, reps, side, load and sessions', () => {
    const gate = LADDERS[0]!.rungs.find(({ id }) => id === 'goblet')!.gate!;
    expect(formatGate(gate, false)).toBe('3 × 10, clean at a third of body mass, 24 kg at most, in two sessions');
    for (const ladder of LADDERS) {
      for (const rung of ladder.rungs) {
        if (rung.gate) isSentence(formatGate(rung.gate, isPerSide(getVariation(builtInCatalogue, rung.variationId).stance)));
      }
    }
  });

  it('a thing is needed with its article, several and what isn’t counted without', () => {
    const needs = (item: KitItem) => formatDifference({ code: 'needs', item });
    expect([needs('kettlebell-pair'), needs('kettlebell'), needs('assisted-dip-machine'), needs('strap')]).toEqual([
      'needs two bells',
      'needs a bell',
      'needs an assisted machine',
      'needs straps',
    ]);
    for (const item of KIT_ITEMS) expect(needs(item)).not.toMatch(/ an? (two|something|\w+s$|small plates)/);
  });

  it('a notch says what changes, with its unit', () => {
    const [first] = oneNotch(builtInCatalogue, getVariation(builtInCatalogue, 'counterweight-squat'), {}, 'harder');
    expect(formatNotch(first!, nameOf)).toBe('Counterweight: 5 kg → 2.5 kg');
    expect(formatLeverValue('box-height', null, 'cm')).toBe('no box');
    expect(formatLeverValue('toes-out', 30, 'deg')).toBe('30°');
    expect(formatLeverValue('foot-distance', 8, 'cm')).toBe('+8 cm');
    for (const v of builtInCatalogue.variations)
      for (const way of ['easier', 'harder'] as const)
        for (const n of oneNotch(builtInCatalogue, v, {}, way)) isSentence(formatNotch(n, nameOf));
  });

  it('every remedy, limit reason, difference and why-not has words', () => {
    for (const { remedies } of FAULT_TABLE) for (const remedy of remedies) isSentence(formatRemedy(remedy, nameOf));
    const home = new Set(KIT_PRESETS[1]!.items);
    for (const variation of builtInCatalogue.variations) {
      for (const limit of LIMITS) {
        for (const reason of limitOn(variation, [{ limit, severity: 5 }]).reasons)
          isSentence(explain(reason, { unit: 'kg', nameOf }).text);
      }
      const { ranked, leftOut } = standInsFor(builtInCatalogue, variation, home, [{ limit: 'knee-front', severity: 5 }]);
      for (const difference of ranked.flatMap(({ differs }) => differs)) isSentence(formatDifference(difference));
      for (const { why } of leftOut) isSentence(formatWhyNot(why));
    }
  });

  it('a locked movement says what opens it; a restricted one what to keep to', () => {
    const textOf = (id: string, severity: number) =>
      limitOn(getVariation(builtInCatalogue, id), [{ limit: 'knee-front', severity }]).reasons.map(
        (r) => explain(r, { unit: 'kg', nameOf }).text,
      );
    expect(textOf('walking-lunge', 5)).toEqual(['Locked: sore knee, front at 5 of 10. Opens with soreness below 4.']);
    expect(textOf('step-up', 3)).toEqual(['Keep to: lowest step and few reps first (sore knee, front at 3 of 10).']);
  });

  it('posture remedies name each way out, with units', () => {
    expect(formatPostureRemedies({ heelLiftMm: 30, ankleDeg: 31, counterweightKg: 7, thighDeg: 64 })).toEqual([
      'about 30 mm under the heels',
      '7 kg held out in front',
      '31° of ankle range',
      'stopping 26° above a level thigh',
    ]);
    expect(formatPostureRemedies({ heelLiftMm: null, ankleDeg: null, counterweightKg: null, thighDeg: null })).toEqual([]);
    expect(formatMissing([['barbell'], ['rack', 'guided-bar']])).toBe('Needs bar, and rack or guided bar.');
  });
});
