import { solveFloorPull, solveHinge } from '../../posture/hinge';
import { handsAtDepth, kneeAtDepth } from '../../posture/depth';
import type { PosturePose } from '../../posture/types';
import type { Arms, FootPlacement, FreeLeg, KeyPose, Prop, SideFigure } from '../types';
import { armsFor, bodyWith, fromCm, numberAt, standing } from './shared';
import type { FigureOptions, HingeSource, PullSource } from './types';

const FLAT: FootPlacement = { kind: 'flat', heelX: 0 };
const MID_FOOT = 0.076;

/** Straight arms from the shoulder of a pose to a hand place, both in shares of height. */
const armsTo = (pose: PosturePose, heightM: number, handX: number, handY: number): Arms => {
  const deg = (Math.atan2(handX - pose.shoulder.x / heightM, pose.shoulder.y / heightM - handY) * 180) / Math.PI;
  return { kind: 'angles', upperDeg: deg, forearmDeg: deg };
};

const rootOf = ({ shinDeg, thighDeg }: PosturePose) => ({ at: 'foot', shankDeg: shinDeg, thighDeg }) as const;

/** The rear leg of a one-sided hinge, tall and low. */
const rearLeg = (legs: HingeSource['legs']): { foot: FootPlacement; top?: FreeLeg; bottom?: FreeLeg } => {
  switch (legs) {
    case 'two':
      return { foot: FLAT };
    case 'staggered':
      return { foot: { kind: 'on-ball', ballX: -0.09, soleDeg: 45 } };
    case 'rear-on-step':
      return { foot: { kind: 'on-ball', ballX: -0.16, soleDeg: 40, y: fromCm(15) } };
    case 'rear-on-wall':
      return { foot: { kind: 'ankle-at', x: -0.25, y: 0.2, toesDeg: -90 } };
    case 'one':
      return {
        foot: FLAT,
        top: { kind: 'free', thighDeg: -6, shankDeg: -12 },
        bottom: { kind: 'free', thighDeg: -82, shankDeg: -84 },
      };
  }
};

/** A hinge drawn for its levers: range of the hands, deficit, support. */
export const makeHinge = (source: HingeSource, { segments, values, moment }: FigureOptions): SideFigure => {
  const body = moment?.body ?? bodyWith(segments);
  const toBody = (share: number) => share * body.heightM;
  const handX = source.handX ?? MID_FOOT;
  const range = values.range === 'partial' ? 0.14 : values.range === 'half' ? 0.07 : 0;
  const hands = moment ? handsAtDepth(source.hands, moment.depth) : source.hands + range;
  const solved = solveHinge(body, {
    loadKg: moment?.loadKg ?? source.loadKg ?? 20,
    kneeDeg: moment ? kneeAtDepth(source.kneeDeg, moment.depth) : source.kneeDeg,
    handsM: toBody(hands),
    handX: toBody(handX),
  });
  if (solved.status !== 'feasible') throw new Error('hinge figure: the hands do not reach');
  const rear = rearLeg(source.legs);
  const low: KeyPose = {
    root: rootOf(solved.pose),
    trunkDeg: solved.pose.trunkDeg,
    arms: armsTo(solved.pose, body.heightM, handX, hands),
  };
  const tall = standing(armsFor('hang', 1, segments.trunk));
  const props: Prop[] = [
    ...(source.props ?? []),
    ...(source.legs === 'rear-on-step' ? [{ kind: 'box', x: -0.26, w: 0.15, h: fromCm(15), label: 'box' } as const] : []),
    ...(source.legs === 'rear-on-wall' ? [{ kind: 'wall', x: -0.292 } as const] : []),
  ];
  const isHeld = (values.support ?? (source.held ? 'one-hand' : 'none')) !== 'none';
  const support: Arms = { kind: 'at', x: 0.32, y: 0.6, elbow: 'up' };
  return {
    view: 'side',
    nearFoot: FLAT,
    farFoot: rear.foot,
    top: { ...tall, ...(rear.top ? { far: rear.top } : {}), ...(isHeld ? { farArms: support } : {}) },
    bottom: { ...low, ...(rear.bottom ? { far: rear.bottom } : {}), ...(isHeld ? { farArms: support } : {}) },
    segments,
    props: isHeld ? [...props, { kind: 'pole', x: 0.32, h: 0.66 }] : props,
    ...(source.implement ? { implement: source.implement } : {}),
  };
};

/** A pull from floor, blocks or handles; standing on a deficit lowers the bar. */
export const makePull = (source: PullSource, { segments, values, moment }: FigureOptions): SideFigure => {
  const body = moment?.body ?? bodyWith(segments);
  const deficitCm = numberAt(values, 'deficit', 0) + (source.onBoardCm ?? 0);
  const restCm = numberAt(values, 'bar-height', source.barCm);
  const barCm = restCm - deficitCm;
  const hands = moment ? handsAtDepth(fromCm(barCm), moment.depth) : fromCm(barCm);
  const solved = solveFloorPull(body, {
    loadKg: moment?.loadKg ?? source.loadKg ?? 60,
    shinDeg: source.shinDeg * (moment?.depth ?? 1),
    handsM: hands * body.heightM,
  });
  if (solved.status !== 'feasible') throw new Error('pull figure: the hands do not reach');
  const { pose } = solved;
  const rest = fromCm(restCm) - fromCm(22.5);
  const board = fromCm(deficitCm);
  const foot: FootPlacement = board > 0 ? { ...FLAT, y: board } : FLAT;
  const props: Prop[] = [
    ...(source.props ?? []),
    ...(rest > 0.01 && source.implement.piece === 'bar' ? [{ kind: 'box', x: 0, w: 0.15, h: rest, label: 'box' } as const] : []),
    ...(board > 0 ? [{ kind: 'box', x: -0.03, w: 0.2, h: board, label: 'box' } as const] : []),
  ];
  return {
    view: 'side',
    nearFoot: foot,
    farFoot: foot,
    top: standing(armsFor('hang', 1, segments.trunk)),
    bottom: { root: rootOf(pose), trunkDeg: pose.trunkDeg, arms: armsTo(pose, body.heightM, MID_FOOT, hands) },
    segments,
    props,
    implement: source.implement,
  };
};
