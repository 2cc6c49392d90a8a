/** Every colour of the product. Nothing outside this folder names one. */
export const CHALK = {
  ground: '#F4F1EA',
  card: '#FFFFFF',
  ink: '#1B1F1D',
  quiet: '#5C635F',
  hairline: '#DAD5C8',
  /** Edge of something that can be pressed: 3:1 against the ground. */
  edge: '#8A8579',
  moss: '#1E5B4F',
  onMoss: '#FFFFFF',
  mossTint: '#E1ECE6',
  clay: '#B8471F',
  clayTint: '#FBE9E1',
  saffron: '#8A6100',
  saffronTint: '#F7E7BE',
  squat: '#3E4C8A',
  lunge: '#7A3E6B',
  hinge: '#1E6E6A',
  bridge: '#8A5A0B',
  veil: 'rgba(27, 31, 29, 0.45)',
} as const;

/** The same roles at night; the default while coaching live. */
export const NIGHT: Record<keyof typeof CHALK, string> = {
  ground: '#101412',
  card: '#1A201D',
  ink: '#EDEFEA',
  quiet: '#A3ABA5',
  hairline: '#2F3733',
  edge: '#6B746E',
  moss: '#6FC2AE',
  onMoss: '#0D1F1A',
  mossTint: '#1C312B',
  clay: '#F08A5D',
  clayTint: '#38231A',
  saffron: '#E3B84F',
  saffronTint: '#332A14',
  squat: '#8E9BE0',
  lunge: '#D39AC4',
  hinge: '#6CC5C0',
  bridge: '#D9A55B',
  veil: 'rgba(0, 0, 0, 0.6)',
};

export type Palette = Record<keyof typeof CHALK, string>;

/** Four-point grid. */
export const SPACE = { xs: 4, s: 8, m: 12, l: 16, xl: 24, xxl: 32 } as const;
export const RADIUS = 10;

/** Smallest targets: anywhere, and on the live screen. */
export const TARGET = { usual: 48, live: 56 } as const;

/** Widths at which the layout changes. */
export const BREAKPOINTS = { rail: 900, panes: 1200 } as const;

export const FONTS = {
  text: 'AtkinsonHyperlegibleNext_400Regular',
  textBold: 'AtkinsonHyperlegibleNext_700Bold',
  number: 'BarlowSemiCondensed_500Medium',
  heading: 'BarlowSemiCondensed_600SemiBold',
} as const;
