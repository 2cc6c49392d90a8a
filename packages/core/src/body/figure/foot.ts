import { FOOT, SEGMENTS } from '../segments';
import type { FootPlacement, LegPoints } from './types';

/**
 * Foot points for a placement. With the heel up the sole turns about the ball and the toes stay flat.
 * @example placeFoot({ kind: 'flat', heelX: 0 }).ankle // { x: 0.038, y: 0.039 }
 */
export const placeFoot = (placement: FootPlacement): Omit<LegPoints, 'knee'> => {
  const length = SEGMENTS.footLength;
  const ballX = placement.kind === 'flat' ? placement.heelX + FOOT.ballAt * length : placement.ballX;
  const sole = ((placement.kind === 'flat' ? 0 : placement.soleDeg) * Math.PI) / 180;
  const turned = (shareFromHeel: number, y: number) => {
    const dx = (shareFromHeel - FOOT.ballAt) * length;
    return { x: ballX + dx * Math.cos(sole) + y * Math.sin(sole), y: -dx * Math.sin(sole) + y * Math.cos(sole) };
  };
  return {
    ankle: turned(FOOT.ankleAt, SEGMENTS.footHeight),
    heel: turned(0, 0),
    ball: { x: ballX, y: 0 },
    toe: { x: ballX + (1 - FOOT.ballAt) * length, y: 0 },
  };
};
