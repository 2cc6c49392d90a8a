import type { FigureSource, KeyPose, SideFigure } from '../body';
import type { PieceType } from '../vocabulary';

/** A step of setting up as it is drawn: a figure that stands still, and what it has in its hands or on it. */
export interface SetUpFigure {
  figure: FigureSource;
  held: PieceType;
}

const FEET = { kind: 'flat', heelX: 0 } as const;

const still = (held: PieceType, pose: KeyPose, more: Partial<SideFigure>): SetUpFigure => ({
  held,
  figure: { maker: 'poses', figure: { view: 'side', nearFoot: FEET, farFoot: FEET, top: pose, bottom: pose, ...more } },
});

/** An upright of the rack with its hook, in front of who stands under the bar. */
const UPRIGHT = [
  { kind: 'line', from: { x: 0.26, y: 0 }, to: { x: 0.26, y: 0.98 }, look: 'frame' },
  { kind: 'line', from: { x: 0.26, y: 0.72 }, to: { x: 0.02, y: 0.72 }, look: 'frame' },
] as const;

/** Knees a little bent under the bar: the hooks hang a hand lower than it will lie. */
const UNDER_THE_BAR: KeyPose = {
  root: { at: 'foot', shankDeg: 16, thighDeg: 22 },
  trunkDeg: 12,
  headDeg: 6,
  arms: { kind: 'held', along: 0.28, front: -0.03 },
};

export const FROM_HOOKS_BACK = still('bar', UNDER_THE_BAR, { implement: { piece: 'bar', at: 'shoulders-back' }, props: UPRIGHT });
export const FROM_HOOKS_FRONT = still(
  'bar',
  { ...UNDER_THE_BAR, arms: { kind: 'held', along: 0.28, front: 0.07, elbow: 'up' } },
  { implement: { piece: 'bar', at: 'shoulders-front' }, props: UPRIGHT },
);

/** Sunk until the safeties have it. */
export const ON_THE_SAFETIES = still(
  'bar',
  {
    root: { at: 'foot', shankDeg: 30, thighDeg: 100 },
    trunkDeg: 40,
    headDeg: 20,
    arms: { kind: 'held', along: 0.28, front: -0.03 },
  },
  {
    implement: { piece: 'bar', at: 'shoulders-back' },
    props: [
      { kind: 'line', from: { x: 0.36, y: 0 }, to: { x: 0.36, y: 0.9 }, look: 'frame' },
      { kind: 'line', from: { x: 0.36, y: 0.415 }, to: { x: -0.1, y: 0.415 }, look: 'frame' },
    ],
  },
);

/** Hips back, both hands on a bell that stands on a box. */
export const FROM_A_BOX = still(
  'kettlebell',
  { root: { at: 'foot', shankDeg: 4, thighDeg: 36 }, trunkDeg: 52, headDeg: 34, arms: { kind: 'at', x: 0.24, y: 0.36 } },
  { implement: { piece: 'bell', at: 'hands' }, props: [{ kind: 'box', x: 0.16, w: 0.2, h: 0.26, label: 'box' }] },
);

/** Legs straight, the bar rolled over them into the crease of the hips. */
export const OVER_THE_LEGS = still(
  'bar',
  {
    root: { at: 'hip', x: 0.14, y: 0.055 },
    trunkDeg: -16,
    headDeg: -6,
    near: { kind: 'free', thighDeg: 88, shankDeg: 89 },
    far: { kind: 'free', thighDeg: 88, shankDeg: 89 },
    arms: { kind: 'held', along: 0.03, front: 0.07 },
  },
  {
    implement: { piece: 'bar', at: 'hips' },
    props: [{ kind: 'box', x: -0.13, w: 0.14, h: 0.22, label: 'bench' }],
  },
);

/** On the back beside it, the bell brought round behind the head. */
export const ROUND_THE_HEAD = still(
  'kettlebell',
  {
    root: { at: 'hip', x: 0.3, y: 0.05 },
    trunkDeg: -89,
    headDeg: -78,
    near: { kind: 'flat', heelX: 0.46 },
    far: { kind: 'free', thighDeg: 86, shankDeg: 86 },
    arms: { kind: 'at', x: -0.21, y: 0.06 },
  },
  { implement: { piece: 'bell', at: 'hands' } },
);
