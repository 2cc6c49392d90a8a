import { SEGMENTS } from '../segments';
import { MODEL } from './constants';
import type { PostureBody } from './types';

/** Measured lengths in cm that may replace the table's. */
export interface MeasuredSegments {
  shankCm?: number;
  thighCm?: number;
  trunkCm?: number;
}

/**
 * A body from height (cm) and mass (kg), segments from Winter's table unless measured. `ankleDeg` is the ankle range,
 * 35° when nobody measured it. Throws on a height outside 100–250 cm or a mass that isn't positive: forms check first.
 * @example postureBody({ heightCm: 175, massKg: 75 }).shankM // 0.4305
 */
export const postureBody = ({
  heightCm,
  massKg,
  ankleDeg = MODEL.ankleDeg,
  measured = {},
}: {
  heightCm: number;
  massKg: number;
  ankleDeg?: number;
  measured?: MeasuredSegments;
}): PostureBody => {
  if (!(heightCm >= 100 && heightCm <= 250)) throw new Error(`postureBody: height ${heightCm} cm is outside 100–250`);
  if (!(massKg > 0)) throw new Error(`postureBody: mass ${massKg} kg is not positive`);
  const heightM = heightCm / 100;
  const length = (cm: number | undefined, share: number) => (cm === undefined ? share * heightM : cm / 100);
  return {
    heightM,
    massKg,
    ankleDeg,
    shankM: length(measured.shankCm, SEGMENTS.shank),
    thighM: length(measured.thighCm, SEGMENTS.thigh),
    trunkM: length(measured.trunkCm, SEGMENTS.trunk),
    footM: SEGMENTS.footLength * heightM,
    ankleHeightM: SEGMENTS.footHeight * heightM,
    armM: (SEGMENTS.upperArm + SEGMENTS.forearmToGrip) * heightM,
  };
};

/**
 * Ankle range in degrees from a knee-to-wall distance in cm: asin((toe-to-ankle + distance − 5 cm) / shank).
 * About 10 cm gives 35–38° (weight-bearing lunge test, Bennell et al. 1998, from memory, is only a check).
 * @example ankleDegFromKneeToWall(postureBody({ heightCm: 175, massKg: 75 }), 10) // 35.4
 */
export const ankleDegFromKneeToWall = (body: PostureBody, distanceCm: number): number => {
  const toeToAnkleM = body.footM * 0.75;
  const reach = (toeToAnkleM + distanceCm / 100 - MODEL.kneecapM) / body.shankM;
  return (Math.asin(Math.max(-1, Math.min(1, reach))) * 180) / Math.PI;
};
