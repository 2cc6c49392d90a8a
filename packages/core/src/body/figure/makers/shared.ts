import { postureBody } from '../../posture/body';
import type { PostureBody } from '../../posture/types';
import type { Segments } from '../../segments';
import type { LeverId, LeverValues } from '../../../vocabulary';
import type { Arms, KeyPose, Point, Prop } from '../types';
import { MODEL_BODY } from './types';
import type { HoldId } from './types';

/** cm of the model body as a share of its height. */
export const fromCm = (cm: number): number => cm / MODEL_BODY.heightCm;
/** Metres of the model body as a share of its height. */
export const fromM = (m: number): number => (m * 100) / MODEL_BODY.heightCm;

/** The posture model's body with a figure's own proportions. */
export const bodyWith = ({ shank, thigh, trunk }: Segments): PostureBody =>
  postureBody({
    ...MODEL_BODY,
    measured: {
      shankCm: shank * MODEL_BODY.heightCm,
      thighCm: thigh * MODEL_BODY.heightCm,
      trunkCm: trunk * MODEL_BODY.heightCm,
    },
  });

/** A lever's value when it is a number, else the usual one. */
export const numberAt = (values: LeverValues, lever: LeverId, usual: number): number => {
  const value = values[lever];
  return typeof value === 'number' ? value : value === null ? 0 : usual;
};

/** Arms for a hold, for a trunk leaning so much. Angles are from hanging straight down. */
export const armsFor = (hold: HoldId, trunkDeg: number, trunk: number): Arms => {
  const angles = (upperDeg: number, forearmDeg: number): Arms => ({ kind: 'angles', upperDeg, forearmDeg });
  const held = (along: number, front: number): Arms => ({ kind: 'held', along: trunk + along, front });
  switch (hold) {
    case 'hang':
      return angles(2, 6);
    case 'forward':
      return angles(84, 88);
    case 'counterweight':
      return angles(104, 110);
    case 'goblet':
      return held(-0.02, 0.11);
    case 'rack':
      return held(-0.015, 0.065);
    case 'front-bar':
    case 'crossed':
      return angles(76 - trunkDeg * 0.2, 232 - trunkDeg * 0.4);
    case 'overhead':
      return angles(178, 182);
    case 'back-bar':
      return angles(-trunkDeg - 22, -trunkDeg - 22 + 160);
    case 'behind-head':
      return angles(160 - trunkDeg * 0.5, 330 - trunkDeg * 0.5);
    case 'zercher':
      return angles(12 - trunkDeg * 0.4, 118 - trunkDeg * 0.4);
    case 'folded':
      return held(-0.09, 0.1);
  }
};

/** Standing tall on the near foot, almost straight. */
export const standing = (arms: Arms, trunkDeg = 1): KeyPose => ({
  root: { at: 'foot', shankDeg: 2, thighDeg: 3 },
  trunkDeg,
  arms,
});

/** Where a support must stand for straight arms to reach it from every shoulder: as asked, or nearer. */
export const withinReach = (support: Point, shoulders: readonly Point[], segments: Segments): Point => {
  const reach = (segments.upperArm + segments.forearmToGrip) * 0.985;
  const middle = {
    x: shoulders.reduce((sum, { x }) => sum + x, 0) / shoulders.length,
    y: shoulders.reduce((sum, { y }) => sum + y, 0) / shoulders.length,
  };
  for (let share = 0; share < 1; share += 0.05) {
    const spot = { x: support.x + (middle.x - support.x) * share, y: support.y + (middle.y - support.y) * share };
    if (shoulders.every(({ x, y }) => Math.hypot(x - spot.x, y - spot.y) <= reach)) return spot;
  }
  return middle;
};

/** A hand support in the room: a pole to hold, or a strap from above. */
export const supportProps = (support: { x: number; y: number; look: 'pole' | 'strap' } | undefined): Prop[] => {
  if (!support) return [];
  if (support.look === 'pole') return [{ kind: 'pole', x: support.x, h: support.y + 0.25 }];
  return [
    { kind: 'pole', x: support.x + 0.12, h: 1.05 },
    { kind: 'line', from: { x: support.x + 0.12, y: support.y + 0.2 }, to: 'hand', look: 'strap' },
  ];
};
