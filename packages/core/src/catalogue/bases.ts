import type { Variation } from './types';

/** What movements of one pattern share; each says only what is its own. House values for shares, from `decisions`. */
type Base = Omit<
  Variation,
  'id' | 'name' | 'kneeShare' | 'emphasis' | 'kit' | 'levers' | 'cues' | 'faults' | 'cautions' | 'figure' | 'loadPositions'
>;

const COMMON = {
  aliases: [],
  plane: 'sagittal',
  siblings: [],
  repRange: null,
  seconds: null,
  tempo: null,
  traits: [],
  prerequisites: [],
  basis: 'common-practice',
  unloadedAllowed: false,
  jumpOn: 'total',
  firstLoadShare: { novice: 0, trained: 0 },
} as const;

const STANDING = { startsAt: 'top', holdsAt: { bottom: 'bottom', top: 'standing tall' } } as const;
const FROM_FLOOR = { startsAt: 'bottom', holdsAt: { bottom: 'at the floor', top: 'standing tall' } } as const;
const HIPS_LIFT = { startsAt: 'bottom', holdsAt: { bottom: 'just off the floor', top: 'hips high' } } as const;

export const TWO_LEG_SQUAT = {
  ...COMMON,
  ...STANDING,
  family: 'squat',
  stance: 'two-leg',
  bodyMassShare: 0.88,
  setUpSeconds: 45,
} as const satisfies Base;
export const ONE_LEG_SQUAT = {
  ...TWO_LEG_SQUAT,
  stance: 'one-leg',
  bodyMassShare: 0.94,
  unloadedAllowed: true,
  firstLoadShare: { novice: 0, trained: 0.15 },
  setUpSeconds: 30,
} as const satisfies Base;
export const STEP = { ...ONE_LEG_SQUAT, family: 'step' } as const satisfies Base;
export const LATERAL = {
  ...ONE_LEG_SQUAT,
  family: 'lateral',
  plane: 'frontal',
  bodyMassShare: 0.88,
} as const satisfies Base;
export const LUNGE = {
  ...COMMON,
  ...STANDING,
  family: 'lunge',
  stance: 'one-leg',
  bodyMassShare: 0.88,
  unloadedAllowed: true,
  firstLoadShare: { novice: 0, trained: 0.25 },
  repRange: { low: 8, high: 12 },
  tempo: { lowering: 2, bottom: 0, lifting: 2, top: 0 },
  setUpSeconds: 30,
} as const satisfies Base;
export const HINGE = {
  ...COMMON,
  ...STANDING,
  family: 'hinge',
  stance: 'two-leg',
  bodyMassShare: 0.47,
  setUpSeconds: 45,
} as const satisfies Base;
export const PULL = { ...HINGE, ...FROM_FLOOR, setUpSeconds: 90 } as const satisfies Base;
export const ONE_LEG_HINGE = {
  ...HINGE,
  stance: 'one-leg',
  bodyMassShare: 0.55,
  unloadedAllowed: true,
  firstLoadShare: { novice: 0.1, trained: 0.25 },
  repRange: { low: 8, high: 12 },
  setUpSeconds: 30,
} as const satisfies Base;
export const CURL = {
  ...HINGE,
  startsAt: 'top',
  holdsAt: { bottom: 'legs long', top: 'knees bent' },
  bodyMassShare: 0.45,
  unloadedAllowed: true,
  repRange: { low: 8, high: 15 },
} as const satisfies Base;
export const BRIDGE = {
  ...COMMON,
  ...HIPS_LIFT,
  family: 'bridge',
  stance: 'two-leg',
  bodyMassShare: 0.45,
  unloadedAllowed: true,
  repRange: { low: 10, high: 15 },
  tempo: { lowering: 2, bottom: 0, lifting: 1, top: 1 },
  setUpSeconds: 40,
} as const satisfies Base;
export const ONE_LEG_BRIDGE = { ...BRIDGE, stance: 'one-leg' } as const satisfies Base;
export const THRUST = {
  ...BRIDGE,
  holdsAt: { bottom: 'hips low', top: 'hips level' },
  repRange: { low: 8, high: 12 },
  firstLoadShare: { novice: 0.25, trained: 0.8 },
  setUpSeconds: 90,
} as const satisfies Base;
export const CALF = {
  ...COMMON,
  ...STANDING,
  startsAt: 'bottom',
  holdsAt: { bottom: 'heels low', top: 'up on the toes' },
  family: 'calf',
  stance: 'two-leg',
  bodyMassShare: 1,
  unloadedAllowed: true,
  firstLoadShare: { novice: 0, trained: 0.3 },
  repRange: { low: 10, high: 20 },
  setUpSeconds: 20,
} as const satisfies Base;
export const PREP = {
  ...COMMON,
  ...STANDING,
  family: 'prep',
  stance: 'two-leg',
  bodyMassShare: 0,
  unloadedAllowed: true,
  repRange: { low: 8, high: 15 },
  setUpSeconds: 15,
} as const satisfies Base;
export const TRUNK = { ...PREP, family: 'trunk', setUpSeconds: 20 } as const satisfies Base;
export const POWER = {
  ...COMMON,
  ...STANDING,
  family: 'power',
  stance: 'two-leg',
  bodyMassShare: 0.47,
  jumpOn: 'external',
  repRange: { low: 3, high: 5 },
  tempo: { lowering: 1, bottom: 0, lifting: 'x', top: 0 },
  setUpSeconds: 30,
} as const satisfies Base;
export const FINISHER = {
  ...PREP,
  family: 'finisher',
  repRange: null,
  seconds: { low: 30, high: 45 },
  setUpSeconds: 20,
} as const satisfies Base;
