import type { LeverScale } from './types';

/**
 * Scales of the set-up parameters, easy to hard. Common practice, no source; a variation takes one and may say where on
 * it it usually stands.
 */
export const SUPPORT = {
  lever: 'support',
  steps: ['two-hands', 'one-hand', 'fingertips', 'none'],
  unit: null,
  ordered: true,
  usual: 3,
} as const satisfies LeverScale;
export const SUPPORTED = { ...SUPPORT, usual: 0 } as const satisfies LeverScale;
export const BOX_HEIGHT = {
  lever: 'box-height',
  steps: [60, 50, 45, 40, 35, 30, null],
  unit: 'cm',
  ordered: true,
  usual: 6,
} as const satisfies LeverScale;
export const TO_A_BOX = { ...BOX_HEIGHT, usual: 3 } as const satisfies LeverScale;
/** From a high stool or a made-up seat on, for who can't rise from a chair yet. */
export const TO_A_CHAIR = { ...BOX_HEIGHT, steps: [70, ...BOX_HEIGHT.steps], usual: 2 } as const satisfies LeverScale;
export const PAD_HEIGHT = {
  lever: 'pad-height',
  steps: [20, 15, 10, 5, 2, null],
  unit: 'cm',
  ordered: true,
  usual: 5,
  fine: [2],
} as const satisfies LeverScale;
export const ON_A_PAD = { ...PAD_HEIGHT, usual: 1 } as const satisfies LeverScale;
export const BAR_HEIGHT = {
  lever: 'bar-height',
  steps: [45, 38, 30, 22.5],
  unit: 'cm',
  ordered: true,
  usual: 3,
} as const satisfies LeverScale;
export const FROM_BLOCKS = { ...BAR_HEIGHT, usual: 1 } as const satisfies LeverScale;
export const DEFICIT = {
  lever: 'deficit',
  steps: [null, 3, 5, 10],
  unit: 'cm',
  ordered: true,
  usual: 0,
} as const satisfies LeverScale;
export const STEP_HEIGHT = {
  lever: 'step-height',
  steps: [3, 10, 15, 20, 30, 40, 45, 50],
  unit: 'cm',
  ordered: true,
  usual: 3,
} as const satisfies LeverScale;
export const LOW_STEP = { ...STEP_HEIGHT, steps: [3, 10, 15, 20], usual: 1 } as const satisfies LeverScale;
export const HEEL_LIFT = {
  lever: 'heel-lift',
  steps: [40, 25, 12, null],
  unit: 'mm',
  ordered: true,
  usual: 3,
} as const satisfies LeverScale;
export const HEELS_UP = { ...HEEL_LIFT, usual: 1 } as const satisfies LeverScale;
export const COUNTERWEIGHT = {
  lever: 'counterweight',
  steps: [10, 8, 5, 2.5, null],
  unit: 'kg',
  ordered: true,
  usual: 2,
} as const satisfies LeverScale;
export const STANCE_WIDTH = {
  lever: 'stance-width',
  steps: ['narrow', 'hip', 'shoulder', 'wide'],
  unit: null,
  ordered: false,
  usual: 2,
} as const satisfies LeverScale;
export const TOES_OUT = {
  lever: 'toes-out',
  steps: [0, 15, 30, 45, 60],
  unit: 'deg',
  ordered: false,
  usual: 1,
} as const satisfies LeverScale;
/** Front heel to rear ball. Long: glutes; short: front of the thigh; too wide and form breaks. */
export const STRIDE = {
  lever: 'stride',
  steps: [55, 70, 85, 95],
  unit: 'cm',
  ordered: false,
  usual: 1,
} as const satisfies LeverScale;
export const SIDE_STRIDE = {
  lever: 'stride',
  steps: ['short', 'medium', 'long'],
  unit: null,
  ordered: true,
  usual: 1,
} as const satisfies LeverScale;
/** Feet past the place that gives an upright shin. Near: glutes; far: hamstrings. */
export const FOOT_DISTANCE = {
  lever: 'foot-distance',
  steps: [-6, 0, 8, 16],
  unit: 'cm',
  ordered: false,
  usual: 1,
} as const satisfies LeverScale;
/** For versions that open the knees: a little nearer. */
export const FEET_NEARER = { ...FOOT_DISTANCE, usual: 0 } as const satisfies LeverScale;
/** In hamstring bridges far feet are also harder. */
export const FEET_OUT = { ...FOOT_DISTANCE, steps: [0, 8, 16, 22], ordered: true, usual: 0 } as const satisfies LeverScale;
export const REAR_ELEVATION = {
  lever: 'rear-elevation',
  steps: [15, 25, 35, 45],
  unit: 'cm',
  ordered: true,
  usual: 2,
} as const satisfies LeverScale;
export const FEET_ELEVATION = {
  lever: 'feet-elevation',
  steps: [null, 15, 30, 45],
  unit: 'cm',
  ordered: true,
  usual: 0,
} as const satisfies LeverScale;
export const FEET_UP = { ...FEET_ELEVATION, usual: 2 } as const satisfies LeverScale;
export const FRONT_ELEVATION = {
  lever: 'front-elevation',
  steps: [5, 10, 15],
  unit: 'cm',
  ordered: true,
  usual: 1,
} as const satisfies LeverScale;
export const BRIDGE_ARMS = {
  lever: 'arms',
  steps: ['pressed', 'folded', 'reaching'],
  unit: null,
  ordered: true,
  usual: 0,
} as const satisfies LeverScale;
export const RAISED_ARMS = {
  lever: 'arms',
  steps: ['forward', 'folded', 'behind-head', 'overhead'],
  unit: null,
  ordered: true,
  usual: 0,
} as const satisfies LeverScale;
export const BAND = {
  lever: 'band',
  steps: ['none', 'light', 'medium', 'heavy'],
  unit: null,
  ordered: true,
  usual: 0,
} as const satisfies LeverScale;
/** Held in front or overhead it only helps to stay upright: never a strong one. */
export const LIGHT_BAND = { ...BAND, steps: ['light'], usual: 0 } as const satisfies LeverScale;
export const WITH_BAND = { ...BAND, usual: 1 } as const satisfies LeverScale;
const SURFACE = {
  lever: 'surface',
  steps: ['floor', 'slider'],
  unit: null,
  ordered: true,
  usual: 0,
} as const satisfies LeverScale;
export const ON_A_SLIDER = { ...SURFACE, usual: 1 } as const satisfies LeverScale;
export const TEMPO = {
  lever: 'tempo',
  steps: ['plain', 'slow-lowering', 'pause', 'three-each'],
  unit: null,
  ordered: true,
  usual: 0,
} as const satisfies LeverScale;
/** Where the bottom is touched and left at once: slower down, never a pause. */
export const TOUCH_AND_GO = { ...TEMPO, steps: ['plain', 'slow-lowering'] } as const satisfies LeverScale;
export const PAUSED = { ...TEMPO, usual: 2 } as const satisfies LeverScale;
/** Holding on top is the first thing to add to a bridge that is too easy. */
export const TOP_HOLD = {
  lever: 'top-hold',
  steps: [null, 1, 2, 3],
  unit: 's',
  ordered: true,
  usual: 0,
} as const satisfies LeverScale;
export const HELD_ON_TOP = { ...TOP_HOLD, usual: 3 } as const satisfies LeverScale;
export const RANGE = {
  lever: 'range',
  steps: ['partial', 'half', 'full'],
  unit: null,
  ordered: true,
  usual: 2,
} as const satisfies LeverScale;
export const PART_RANGE = { ...RANGE, usual: 0 } as const satisfies LeverScale;
export const PLANK_BASE = {
  lever: 'plank-base',
  steps: ['knees', 'feet'],
  unit: null,
  ordered: true,
  usual: 1,
} as const satisfies LeverScale;
export const ON_KNEES = { ...PLANK_BASE, usual: 0 } as const satisfies LeverScale;

/** How wide the feet stand in a plank from which a hand leaves the floor: the wider, the steadier. */
export const PLANK_FEET = {
  lever: 'plank-feet',
  steps: ['wide', 'shoulder', 'hip', 'narrow'],
  unit: null,
  ordered: true,
  usual: 1,
} as const satisfies LeverScale;
/** What stands on the fist of a get-up with nothing lifted, a block or a shoe: it falls where the arm isn't plumb. */
export const ON_THE_FIST = {
  lever: 'on-the-fist',
  steps: [null, 'balanced'],
  unit: null,
  ordered: true,
  usual: 1,
} as const satisfies LeverScale;

/** Choices between schools: no easier or harder. */
export const KNEE_TRAVEL = {
  lever: 'knee-travel',
  steps: ['free', 'limited'],
  unit: null,
  ordered: false,
  usual: 0,
} as const satisfies LeverScale;
export const FRONT_HOLD = {
  lever: 'front-hold',
  steps: ['fingers', 'crossed', 'straps'],
  unit: null,
  ordered: false,
  usual: 0,
} as const satisfies LeverScale;
export const BAR_PLACE = {
  lever: 'bar-place',
  steps: ['high', 'low'],
  unit: null,
  ordered: false,
  usual: 0,
} as const satisfies LeverScale;
export const BOX_STYLE = {
  lever: 'box-style',
  steps: ['brush', 'sit'],
  unit: null,
  ordered: false,
  usual: 0,
} as const satisfies LeverScale;
export const GRIP = {
  lever: 'grip',
  steps: ['palms-back', 'one-each-way', 'straps'],
  unit: null,
  ordered: false,
  usual: 0,
} as const satisfies LeverScale;
