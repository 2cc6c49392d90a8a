import { builtInCatalogue } from '.';
import { oneNotch, valueAt } from './knowledge';
import { secondsPerRep, tempoAfter } from '../dose';
import type { LeverId, LeverValue } from '../vocabulary';

const scales = builtInCatalogue.variations.flatMap((variation) =>
  variation.levers.filter(({ ordered }) => ordered).map((scale) => ({ variation, scale })),
);
const numbers = (steps: readonly LeverValue[], none: number): number[] =>
  steps.map((step) => (typeof step === 'number' ? step : none));
const rises = (values: readonly number[]): boolean => values.every((value, at) => at === 0 || value > (values[at - 1] ?? 0));
const falls = (values: readonly number[]): boolean => rises([...values].reverse());

/** What is harder with more of it, and what with less. Facts of the trade: leverage, range, what carries along. */
const HARDER_WITH_MORE: readonly LeverId[] = [
  'deficit',
  'step-height',
  'rear-elevation',
  'feet-elevation',
  'front-elevation',
  'top-hold',
];
const HARDER_WITH_LESS: readonly LeverId[] = ['box-height', 'pad-height', 'bar-height', 'heel-lift', 'counterweight'];

// Source: common practice, no source; less of a counterweight is harder, because it is an aid.
describe('every setting goes the way it says', () => {
  it.each(HARDER_WITH_MORE)('%s: each notch harder is more of it', (lever) => {
    const found = scales.filter(({ scale }) => scale.lever === lever);
    expect(found.length).toBeGreaterThan(0);
    for (const { variation, scale } of found)
      expect([variation.id, rises(numbers(scale.steps, 0))]).toEqual([variation.id, true]);
  });

  it.each(HARDER_WITH_LESS)('%s: each notch harder is less of it', (lever) => {
    const found = scales.filter(({ scale }) => scale.lever === lever);
    expect(found.length).toBeGreaterThan(0);
    for (const { variation, scale } of found)
      expect([variation.id, falls(numbers(scale.steps, 0))]).toEqual([variation.id, true]);
  });

  it('support: each notch harder is a hand, or a part of one, less', () => {
    const hands: Record<string, number> = { 'two-hands': 3, 'one-hand': 2, fingertips: 1, none: 0 };
    for (const { variation, scale } of scales.filter(({ scale: { lever } }) => lever === 'support')) {
      expect([variation.id, falls(scale.steps.map((step) => hands[String(step)] ?? NaN))]).toEqual([variation.id, true]);
    }
  });

  it('tempo and top hold: each notch harder asks no less time of a rep, and what is planned is what is counted', () => {
    for (const { variation, scale } of scales.filter(({ scale: { lever } }) => lever === 'tempo' || lever === 'top-hold')) {
      const plain = variation.tempo ?? { lowering: 2, bottom: 0, lifting: 1, top: 0 };
      const seconds = scale.steps.map((step) => secondsPerRep(tempoAfter(variation, plain, scale.lever, step)));
      if (scale.lever === 'top-hold') expect([variation.id, rises(seconds)]).toEqual([variation.id, true]);
      else expect([variation.id, Math.max(...seconds) > (seconds[0] ?? 0)]).toEqual([variation.id, true]);
    }
  });

  it('one notch harder and one easier is where it was, on every scale and from every step', () => {
    for (const { variation, scale } of scales) {
      for (const [at, step] of scale.steps.entries()) {
        const up = oneNotch(builtInCatalogue, variation, { [scale.lever]: step }, 'harder').find(
          (notch) => notch.kind === 'lever' && notch.lever === scale.lever,
        );
        expect(up === undefined).toBe(at === scale.steps.length - 1);
        if (up?.kind !== 'lever') continue;
        const down = oneNotch(builtInCatalogue, variation, { [scale.lever]: up.to }, 'easier').find(
          (notch) => notch.kind === 'lever' && notch.lever === scale.lever,
        );
        // One that only a hand chooses is not come back to: the step beside it is.
        const isFine = scale.fine?.includes(step) ?? false;
        const back = isFine ? scale.steps[at - 1] : step;
        expect([variation.id, down?.kind === 'lever' ? down.to : undefined]).toEqual([variation.id, back]);
      }
    }
  });

  it('a movement’s usual step lies on its scale', () => {
    for (const { scale } of scales) expect(scale.steps).toContain(valueAt(scale, {}));
  });
});
