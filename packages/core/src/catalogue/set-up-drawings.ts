import type { FigureSource, KeyPose, SideFigure } from '../body';
import type { LoadPosition, PieceType } from '../vocabulary';
import type { SetUpStage } from './set-up-steps';
import type { Variation } from './types';

/** A step of setting up as it is drawn: a figure that stands still. */
export interface SetUpDrawing {
  stage: SetUpStage;
  figure: FigureSource;
  held: PieceType;
}

const FEET = { kind: 'flat', heelX: 0 } as const;

const still = (pose: KeyPose, more: Partial<SideFigure>): FigureSource => ({
  maker: 'poses',
  figure: { view: 'side', nearFoot: FEET, farFoot: FEET, top: pose, bottom: pose, ...more },
});

/** An upright of the rack with its hook, in front of who stands under the bar. */
const upright = (hookY: number) =>
  [
    { kind: 'line', from: { x: 0.26, y: 0 }, to: { x: 0.26, y: 0.98 }, look: 'frame' },
    { kind: 'line', from: { x: 0.26, y: hookY - 0.04 }, to: { x: 0.02, y: hookY - 0.04 }, look: 'frame' },
  ] as const;

/** Knees a little bent under the bar: the hooks hang a hand lower than it will lie. */
const UNDER_THE_BAR: KeyPose = {
  root: { at: 'foot', shankDeg: 16, thighDeg: 22 },
  trunkDeg: 12,
  headDeg: 6,
  arms: { kind: 'held', along: 0.28, front: -0.03 },
};

const FROM_HOOKS_BACK = still(UNDER_THE_BAR, { implement: { piece: 'bar', at: 'shoulders-back' }, props: upright(0.76) });
const FROM_HOOKS_FRONT = still(
  { ...UNDER_THE_BAR, arms: { kind: 'held', along: 0.28, front: 0.07, elbow: 'up' } },
  { implement: { piece: 'bar', at: 'shoulders-front' }, props: upright(0.76) },
);

/** Sunk until the safeties have it. */
const ON_THE_SAFETIES = still(
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
const FROM_A_BOX = still(
  { root: { at: 'foot', shankDeg: 4, thighDeg: 36 }, trunkDeg: 52, headDeg: 34, arms: { kind: 'at', x: 0.24, y: 0.36 } },
  { implement: { piece: 'bell', at: 'hands' }, props: [{ kind: 'box', x: 0.16, w: 0.2, h: 0.26, label: 'box' }] },
);

/** Legs straight, the bar rolled over them into the crease of the hips. */
const OVER_THE_LEGS = still(
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
const ROUND_THE_HEAD = still(
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

const isHooked = ({ kit }: Variation): boolean => !kit.some((need) => need.includes('guided-bar'));

/**
 * What of setting up is drawn for a movement with its load at a place, by stage, where a picture says more than its line: under
 * the hooks, on the safeties, a bell on its box, a bar over the legs, a bell round the head. Common practice, no source.
 * @example setUpDrawings(backSquat, 'back-bar').map(({ stage }) => stage) // ['take', 'fail']
 */
export const setUpDrawings = (
  variation: Variation,
  position: LoadPosition = variation.loadPositions[0] ?? 'none',
): SetUpDrawing[] => {
  const bar = variation.kit.some((need) => need.includes('barbell'));
  if (position === 'back-bar' && isHooked(variation))
    return [
      { stage: 'take', figure: FROM_HOOKS_BACK, held: 'bar' },
      { stage: 'fail', figure: ON_THE_SAFETIES, held: 'bar' },
    ];
  if (position === 'front-bar') return [{ stage: 'take', figure: FROM_HOOKS_FRONT, held: 'bar' }];
  if (position === 'hips' && bar) return [{ stage: 'take', figure: OVER_THE_LEGS, held: 'bar' }];
  const onTheFloor = variation.traits.includes('get-up') || variation.id === 'bridge-floor-press';
  if (onTheFloor && position !== 'none') return [{ stage: 'back', figure: ROUND_THE_HEAD, held: 'kettlebell' }];
  const isFromABox = (position === 'goblet' || position === 'belly') && !variation.kit.some((need) => need.includes('landmine'));
  return isFromABox ? [{ stage: 'before', figure: FROM_A_BOX, held: 'kettlebell' }] : [];
};
