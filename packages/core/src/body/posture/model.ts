import type { LeverId, LeverValues } from '../../vocabulary';
import type { FigureSource } from '../figure/makers/types';
import { CARRIES } from './constants';
import { handsAtDepth, kneeAtDepth, LEVEL_DEPTH, thighAtDepth } from './depth';
import { solveBridge } from './bridge';
import { solveFloorPull, solveHinge } from './hinge';
import { RAD } from './linkage';
import { solveSplit } from './split-squat';
import { solveSquat } from './squat';
import type { PostureBody, PostureLimit, PostureMoments, PosturePose, PostureRemedies } from './types';

/** One position of a movement in the model. Moments null where the model says nothing; demand is knee and hip together. */
export interface ModelPose {
  status: 'feasible';
  trunkDeg: number;
  shinDeg: number;
  thighDeg: number;
  kneePastToesCm: number | null;
  kneeShare: number | null;
  /** Per working leg, newton-metres; a negative knee is the hamstrings' work. */
  kneeNm: number | null;
  hipNm: number | null;
  /** Glutes' share of a bridge's hip work; null for standing work. */
  gluteShare: number | null;
  lowBackNm: number | null;
  /** Knee and hip of the working leg together, newton-metres. */
  demandNm: number | null;
  /** Height of the load over the floor, metres: the end of a band that is stood on. */
  loadHeightM: number;
}

export type ModelResult =
  | ModelPose
  | {
      status: 'infeasible';
      limit: PostureLimit | 'stride' | 'feet-too-far';
      offBalanceCm: number | null;
      remedies: PostureRemedies | null;
    };

/** What is asked of the model: how deep (0–1), with what load, at which lever values. */
export interface ModelQuestion {
  depth: number;
  loadKg: number;
  values: LeverValues;
}

const numeric = (values: LeverValues, lever: LeverId, usual: number): number => {
  const value = values[lever];
  return typeof value === 'number' ? value : value === null ? 0 : usual;
};

const standing = (pose: PosturePose, moments: PostureMoments | null, loadHeightM: number): ModelPose => ({
  status: 'feasible',
  trunkDeg: pose.trunkDeg,
  shinDeg: pose.shinDeg,
  thighDeg: pose.thighDeg,
  kneePastToesCm: pose.kneePastToesCm,
  kneeShare: moments?.kneeShare ?? null,
  kneeNm: moments?.kneeNm ?? null,
  hipNm: moments?.hipNm ?? null,
  gluteShare: null,
  lowBackNm: moments?.lowBackNm ?? null,
  demandNm: moments && Math.max(0, moments.kneeNm) + moments.kneeFlexorNm + Math.max(0, moments.hipNm),
  loadHeightM,
});

const loadHeight = (body: PostureBody, pose: PosturePose, carryId: keyof typeof CARRIES): number => {
  const load = CARRIES[carryId].load;
  if (!load) return pose.shoulder.y;
  if (carryId === 'sides') return pose.shoulder.y - body.armM;
  const lean = pose.trunkDeg * RAD;
  const along = load.trunk * body.trunkM + load.along * body.heightM;
  return pose.hip.y + along * Math.cos(lean) - load.front * body.heightM * Math.sin(lean);
};

/** Whether the posture model can speak about a drawing. */
export const isModelled = (source: FigureSource): boolean =>
  source.maker === 'squat' ||
  source.maker === 'hinge' ||
  source.maker === 'pull' ||
  source.maker === 'split' ||
  source.maker === 'bridge';

/**
 * One position of a movement for a body, load and lever values; null where the movement isn't modelled.
 * @example askModel(body, gobletSquat.figure, { depth: LEVEL_DEPTH, loadKg: 20, values: { 'heel-lift': 25 } })
 */
export const askModel = (
  body: PostureBody,
  source: FigureSource,
  { depth, loadKg, values }: ModelQuestion,
): ModelResult | null => {
  switch (source.maker) {
    case 'squat': {
      const result = solveSquat(body, {
        carry: source.carry,
        loadKg: source.carry === 'counterweight' ? loadKg || numeric(values, 'counterweight', source.loadKg ?? 0) : loadKg,
        thighDeg: thighAtDepth(depth),
        heelLiftMm: numeric(values, 'heel-lift', 0),
        kneeTravel: (values['knee-travel'] ?? source.kneeTravel) === 'limited' ? 'limited' : 'free',
      });
      if (result.status === 'infeasible') return result;
      return standing(result.pose, result.moments, loadHeight(body, result.pose, source.carry));
    }
    case 'hinge':
    case 'pull': {
      const low =
        source.maker === 'hinge'
          ? source.hands
          : (numeric(values, 'bar-height', source.barCm) - numeric(values, 'deficit', 0)) / 175;
      const handsM = handsAtDepth(low, depth) * body.heightM;
      const handX = source.maker === 'hinge' && source.handX !== undefined ? { handX: source.handX * body.heightM } : {};
      // A pull is straighter in the knee the higher the bar is; its floor position comes at full depth.
      const result =
        source.maker === 'hinge'
          ? solveHinge(body, { loadKg, kneeDeg: kneeAtDepth(source.kneeDeg, depth), handsM, ...handX })
          : solveFloorPull(body, { loadKg, shinDeg: source.shinDeg * depth, handsM });
      return result.status === 'infeasible' ? result : standing(result.pose, result.moments, handsM);
    }
    case 'split': {
      const result = solveSplit(body, {
        carry: source.carry,
        loadKg,
        strideM: numeric(values, 'stride', source.strideCm ?? 70) / 100,
        frontShare: source.frontShare ?? 0.75,
        leanDeg: source.leanDeg ?? 10,
        thighDeg: thighAtDepth(depth * LEVEL_DEPTH),
        rearHeightM: numeric(values, 'rear-elevation', source.rearCm ?? 0) / 100,
      });
      if (result.status === 'infeasible') return { ...result, offBalanceCm: null, remedies: null };
      return standing(result.pose, result.moments, loadHeight(body, result.pose, source.carry));
    }
    case 'bridge': {
      const result = solveBridge(body, {
        loadKg,
        benchM: source.benchCm / 100,
        footOffsetM: numeric(values, 'foot-distance', source.footOffsetCm ?? 0) / 100,
        feetHeightM: numeric(values, 'feet-elevation', source.feetCm ?? 0) / 100,
        lift: 1 - depth,
      });
      if (result.status === 'infeasible') return { ...result, offBalanceCm: null, remedies: null };
      const { pose, hipNm, kneeFlexorNm, gluteShare } = result;
      const trunkDeg = (Math.atan2(pose.shoulder.x - pose.hip.x, pose.shoulder.y - pose.hip.y) * 180) / Math.PI;
      return {
        status: 'feasible',
        trunkDeg,
        shinDeg: pose.shinDeg,
        thighDeg: (Math.atan2(pose.knee.x - pose.hip.x, pose.hip.y - pose.knee.y) * 180) / Math.PI,
        kneePastToesCm: null,
        kneeShare: null,
        kneeNm: null,
        hipNm: null,
        gluteShare,
        lowBackNm: null,
        demandNm: Math.max(0, hipNm) + Math.max(0, kneeFlexorNm),
        loadHeightM: pose.hip.y,
      };
    }
    default:
      return null;
  }
};
