import { FOOT } from '../segments';
import type { Point } from '../figure/types';
import { MODEL } from './constants';
import type { PostureBody } from './types';

/** A flat foot turned about its ball by a lift under the heel. */
export interface WedgedFoot {
  /** Slope of the sole, radians. */
  slope: number;
  ankle: Point;
  centreX: number;
  /** Where the combined centre must stand. */
  targetX: number;
}

/** Foot points for a heel lift in mm; the heel stands at x = 0 when flat. */
export const footOnWedge = (body: PostureBody, heelLiftMm: number): WedgedFoot => {
  const ballX = FOOT.ballAt * body.footM;
  const slope = Math.asin(Math.min(0.9, heelLiftMm / 1000 / ballX));
  const [cos, sin] = [Math.cos(slope), Math.sin(slope)];
  const turned = (x: number, y: number): Point => ({
    x: ballX + (x - ballX) * cos + y * sin,
    y: -(x - ballX) * sin + y * cos,
  });
  return {
    slope,
    ankle: turned(FOOT.ankleAt * body.footM, body.ankleHeightM),
    centreX: turned(MODEL.footCentreAt * body.footM, MODEL.footCentreUp * body.ankleHeightM).x,
    targetX: turned(MODEL.pressureAt * body.footM, 0).x,
  };
};
