import { CARRIES, CENTRE, MASS_SHARE, MODEL } from './constants';
import type { CarryId, PostureBody } from './types';

/** One piece carried by the trunk: u along it from the hip, n in front of it, w ahead in the room. Metres. */
export interface TrunkPiece {
  massKg: number;
  u: number;
  n: number;
  w: number;
  isPelvis?: true;
}

/** Everything above the hips: pieces that move with the trunk, and pieces held at a fixed place in the room. */
export interface UpperBody {
  pieces: readonly TrunkPiece[];
  fixed: readonly { massKg: number; x: number }[];
  /** Mass that moves with the hip, and its first moments. */
  massKg: number;
  alongSum: number;
  frontSum: number;
  aheadSum: number;
  fixedSum: number;
  fixedKg: number;
}

const summed = (pieces: readonly TrunkPiece[], fixed: readonly { massKg: number; x: number }[]): UpperBody => {
  let [massKg, alongSum, frontSum, aheadSum, fixedSum, fixedKg] = [0, 0, 0, 0, 0, 0];
  for (const { massKg: m, u, n, w } of pieces) {
    massKg += m;
    alongSum += m * u;
    frontSum += m * n;
    aheadSum += m * w;
  }
  for (const { massKg: m, x } of fixed) {
    fixedSum += m * x;
    fixedKg += m;
  }
  return { pieces, fixed, massKg, alongSum, frontSum, aheadSum, fixedSum, fixedKg };
};

/** Trunk and head, split into pelvis and the rest; together they sit at .66 of the trunk. */
const trunk = ({ massKg, trunkM }: PostureBody): TrunkPiece[] => [
  { massKg: MASS_SHARE.pelvis * massKg, u: CENTRE.pelvisFromHip * trunkM, n: 0, w: 0, isPelvis: true },
  {
    massKg: (MASS_SHARE.trunkAndHead - MASS_SHARE.pelvis) * massKg,
    u: CENTRE.restOfTrunkFromHip * trunkM,
    n: 0,
    w: 0,
  },
];

/** The upper body with a load carried on it. */
export const carriedUpperBody = (body: PostureBody, carryId: CarryId, loadKg: number, heldAtM: number): UpperBody => {
  const carry = CARRIES[carryId];
  const { heightM, massKg, trunkM } = body;
  const isCounterweight = carryId === 'counterweight';
  const { trunk: share, along, front, ahead } = carry.arms;
  const arms: TrunkPiece = {
    massKg: MASS_SHARE.arms * massKg,
    u: share * trunkM + along * heightM,
    n: front * heightM,
    w: isCounterweight ? 0.45 * heldAtM : ahead * heightM,
  };
  const pieces = [...trunk(body), arms];
  if (carry.load && loadKg > 0) {
    pieces.push({
      massKg: loadKg,
      u: carry.load.trunk * trunkM + carry.load.along * heightM,
      n: carry.load.front * heightM,
      w: isCounterweight ? heldAtM : 0,
    });
  }
  return summed(pieces, []);
};

/** The upper body with straight arms reaching a load held at a fixed place in the room. */
export const reachingUpperBody = (body: PostureBody, loadKg: number, handX: number): UpperBody => {
  const armsKg = MASS_SHARE.arms * body.massKg;
  const atShoulder: TrunkPiece = { massKg: armsKg * MODEL.armsAtShoulder, u: body.trunkM, n: 0, w: 0 };
  return summed([...trunk(body), atShoulder], [{ massKg: armsKg * (1 - MODEL.armsAtShoulder) + loadKg, x: handX }]);
};

/** First moment about the hip of what moves with the trunk, at a lean in radians. kg·m */
export const trunkMoment = (upper: UpperBody, lean: number): number =>
  upper.alongSum * Math.sin(lean) + upper.frontSum * Math.cos(lean) + upper.aheadSum;
