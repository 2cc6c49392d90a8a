import fc from 'fast-check';
import { cmToInches, fromKg, inchesToCm, toKg } from '.';

describe('units', () => {
  // Source: international yard and pound agreement 1959 (1 lb = 0.45359237 kg, 1 in = 2.54 cm, both exact).
  it.each([
    [1, 0.45359237],
    [45, 20.41165665],
    [100, 45.359237],
  ])('%d lb is %d kg', (lb, kg) => expect(toKg(lb, 'lb')).toBeCloseTo(kg, 12));

  it('leaves kilograms alone', () => expect([toKg(24, 'kg'), fromKg(24, 'kg')]).toEqual([24, 24]));
  it('a foot is 30.48 cm', () => expect(inchesToCm(12)).toBeCloseTo(30.48, 12));

  it('converts there and back without drift', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 1000, noNaN: true }), (value) => {
        expect(fromKg(toKg(value, 'lb'), 'lb')).toBeCloseTo(value, 9);
        expect(cmToInches(inchesToCm(value))).toBeCloseTo(value, 9);
      }),
    );
  });
});
