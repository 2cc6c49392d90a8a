import { FOOT } from '../segments';
import type { Segments } from '../segments';
import type { FootPlacement, LegPoints, Point } from './types';

const RAD = Math.PI / 180;

/**
 * Foot points for a placement. With the heel up the sole turns about the ball and the toes stay flat; with the toes up it
 * turns about the heel; an `ankle-at` foot is stiff and turns about the ankle.
 * @example placeFoot({ kind: 'flat', heelX: 0 }, SEGMENTS).ankle // { x: 0.038, y: 0.039 }
 */
export const placeFoot = (placement: FootPlacement, segments: Segments): Omit<LegPoints, 'knee'> => {
  const { footLength: length, footHeight: height } = segments;
  // A sole point in the foot's own frame, turned by `deg` (toes up) about a pivot in that frame.
  const foot = (deg: number, pivot: Point, at: Point) => (shareFromHeel: number, up: number) => {
    const [dx, dy] = [shareFromHeel * length - pivot.x, up - pivot.y];
    const [cos, sin] = [Math.cos(deg * RAD), Math.sin(deg * RAD)];
    return { x: at.x + dx * cos - dy * sin, y: at.y + dx * sin + dy * cos };
  };
  const pointsOf = (point: ReturnType<typeof foot>) => ({
    ankle: point(FOOT.ankleAt, height),
    heel: point(0, 0),
    ball: point(FOOT.ballAt, 0),
    toe: point(1, 0),
  });
  const y = placement.kind === 'ankle-at' ? 0 : (placement.y ?? 0);
  if (placement.kind === 'ankle-at') {
    return pointsOf(foot(placement.toesDeg, { x: FOOT.ankleAt * length, y: height }, placement));
  }
  if (placement.kind === 'on-heel') return pointsOf(foot(placement.toesUpDeg, { x: 0, y: 0 }, { x: placement.heelX, y }));
  const ball = { x: placement.kind === 'flat' ? placement.heelX + FOOT.ballAt * length : placement.ballX, y };
  const turned = pointsOf(foot(placement.kind === 'flat' ? 0 : -placement.soleDeg, { x: FOOT.ballAt * length, y: 0 }, ball));
  return { ...turned, toe: { x: ball.x + (1 - FOOT.ballAt) * length, y } };
};
