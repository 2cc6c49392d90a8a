import { solveSquat } from '../../posture/squat';
import { thighAtDepth } from '../../posture/depth';
import type { PosturePose, SquatSetUp } from '../../posture/types';
import { FOOT } from '../../segments';
import type { Arms, FootPlacement, KeyPose, Prop, SideFigure } from '../types';
import { armsFor, bodyWith, fromCm, numberAt, standing, supportProps } from './shared';
import type { FigureOptions, SquatSource } from './types';

/** Hip centre over the seat it sits on, share of height. House default. */
const HIP_OVER_SEAT = 0.055;

/** The deepest pose not below the asked thigh angle that the body can hold. */
const lowest = (options: FigureOptions, setUp: SquatSetUp): PosturePose => {
  const body = options.moment?.body ?? bodyWith(options.segments);
  const asked = solveSquat(body, setUp);
  if (asked.status === 'feasible') return asked.pose;
  const held = solveSquat(body, { ...setUp, thighDeg: asked.remedies.thighDeg ?? 45 });
  if (held.status !== 'feasible') throw new Error('squat figure: no depth can be held');
  return held.pose;
};

/** The thigh angle at which the hip sits on a seat of this height; the asked one where the seat is lower. */
const thighAtSeat = (options: FigureOptions, setUp: SquatSetUp, seat: number): number => {
  const heightM = options.moment?.body.heightM ?? 1.75;
  for (let thighDeg = 40; thighDeg < setUp.thighDeg; thighDeg += 1) {
    if (lowest(options, { ...setUp, thighDeg }).hip.y / heightM <= seat + HIP_OVER_SEAT) return thighDeg;
  }
  return setUp.thighDeg;
};

/** A squat drawn for its levers: heel lift, box, counterweight, support, knees held at the toes. */
export const makeSquat = (source: SquatSource, options: FigureOptions): SideFigure => {
  const { values, segments, moment } = options;
  const heelLiftMm = numberAt(values, 'heel-lift', 0);
  const counterKg = numberAt(values, 'counterweight', source.carry === 'counterweight' ? (source.loadKg ?? 5) : 0);
  const isLimited = (values['knee-travel'] ?? source.kneeTravel) === 'limited';
  const usualKg = source.carry === 'counterweight' ? counterKg : (source.loadKg ?? 0);
  const setUp: SquatSetUp = {
    carry: source.carry,
    loadKg: moment ? moment.loadKg || usualKg : usualKg,
    thighDeg: moment ? thighAtDepth(moment.depth) : source.thighDeg,
    heelLiftMm,
    kneeTravel: isLimited ? 'limited' : 'free',
  };
  const boxCm = moment ? 0 : numberAt(values, 'box-height', source.boxCm ?? 0);
  const seat = fromCm(boxCm);
  const pose = lowest(options, seat > 0 ? { ...setUp, thighDeg: thighAtSeat(options, setUp, seat) } : setUp);
  const support = values.support === 'none' ? undefined : source.support;
  const arms = (trunkDeg: number): Arms =>
    support ? { kind: 'at', x: support.x, y: support.y } : armsFor(source.hold, trunkDeg, segments.trunk);
  const bottom: KeyPose = {
    root: { at: 'foot', shankDeg: pose.shinDeg, thighDeg: pose.thighDeg },
    trunkDeg: pose.trunkDeg,
    arms: arms(pose.trunkDeg),
  };
  const ballX = FOOT.ballAt * segments.footLength;
  const lift = fromCm(heelLiftMm / 10);
  const foot: FootPlacement =
    lift > 0 ? { kind: 'on-ball', ballX, soleDeg: (Math.asin(lift / ballX) * 180) / Math.PI } : { kind: 'flat', heelX: 0 };
  const hipX = pose.hip.x / (moment?.body.heightM ?? 1.75);
  const props: Prop[] = [
    ...(source.props ?? []),
    ...supportProps(support),
    ...(seat > 0 ? [{ kind: 'box', x: hipX - 0.13, w: 0.17, h: seat, label: 'box' } as const] : []),
    ...(lift > 0 ? [{ kind: 'wedge', x: 0, w: 0.07, h: lift } as const] : []),
  ];
  const isStanding = source.hold === 'forward' && !support ? armsFor('hang', 1, segments.trunk) : arms(2);
  return {
    view: 'side',
    nearFoot: foot,
    farFoot: foot,
    top: standing(isStanding, 2),
    bottom,
    segments,
    props,
    ...(source.implement ? { implement: source.implement } : {}),
  };
};
