import { CHALK, NIGHT } from './tokens';
import type { Palette } from './tokens';

/** Relative luminance and contrast. Source: WCAG 2.2, definitions of relative luminance and contrast ratio. */
const luminance = (hex: string): number => {
  const [r, g, b] = [1, 3, 5]
    .map((at) => parseInt(hex.slice(at, at + 2), 16) / 255)
    .map((c) => (c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4));
  return 0.2126 * r! + 0.7152 * g! + 0.0722 * b!;
};
const contrast = (a: string, b: string): number => {
  const [light, dark] = [luminance(a), luminance(b)].sort((x, y) => y - x);
  return (light! + 0.05) / (dark! + 0.05);
};

const TEXT: (keyof Palette)[] = ['ink', 'quiet', 'moss', 'clay', 'saffron', 'squat', 'lunge', 'hinge', 'bridge'];
const ON_TINT: [keyof Palette, keyof Palette][] = [
  ['onMoss', 'moss'],
  ['moss', 'mossTint'],
  ['ink', 'mossTint'],
  ['clay', 'clayTint'],
  ['ink', 'clayTint'],
  ['saffron', 'saffronTint'],
];

it('the measure agrees with the standard’s ends: black on white is 21 to 1', () => {
  expect(contrast('#000000', '#FFFFFF')).toBeCloseTo(21, 6);
  expect(contrast('#777777', '#FFFFFF')).toBeCloseTo(4.48, 2);
});

describe.each([
  ['chalk', CHALK],
  ['night', NIGHT],
] as const)('%s', (_name, palette) => {
  it('text reaches 4.5 to 1 on ground and card (WCAG 2.2, 1.4.3)', () => {
    const poor = TEXT.flatMap((role) =>
      (['ground', 'card'] as const).map((on) => ({ role, on, ratio: contrast(palette[role], palette[on]) })),
    );
    expect(poor.filter(({ ratio }) => ratio < 4.5)).toEqual([]);
    const tinted = ON_TINT.map(([role, on]) => ({ role, on, ratio: contrast(palette[role], palette[on]) }));
    expect(tinted.filter(({ ratio }) => ratio < 4.5)).toEqual([]);
  });

  it('edges of controls reach 3 to 1 (WCAG 2.2, 1.4.11)', () => {
    for (const on of ['ground', 'card'] as const) expect(contrast(palette.edge, palette[on])).toBeGreaterThanOrEqual(3);
  });
});
