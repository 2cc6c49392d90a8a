import { solveBridge } from '../../posture/bridge';
import type { BridgePose } from '../../posture/bridge';
import type { Arms, FootPlacement, FreeLeg, KeyPose, Prop, SideFigure } from '../types';
import { bodyWith, fromCm, fromM, numberAt } from './shared';
import type { BridgeSource, FigureOptions } from './types';

const armsOf = (arms: BridgeSource['arms'], isOnFloor: boolean): Arms => {
  switch (arms) {
    case 'pressed':
      return { kind: 'angles', upperDeg: 84, forearmDeg: 88 };
    case 'folded':
      return { kind: 'held', along: 0.2, front: 0.07 };
    case 'reaching':
      return { kind: 'angles', upperDeg: 178, forearmDeg: 182 };
    case 'on-hips':
      return { kind: 'held', along: 0.02, front: 0.06, ...(isOnFloor ? { elbow: 'up' } : {}) };
    case 'on-bench':
      return { kind: 'angles', upperDeg: -70, forearmDeg: -60 };
  }
};

/** What the other leg does. */
const otherLeg = (legs: BridgeSource['legs'], isTop: boolean): FreeLeg | null => {
  if (legs === 'one') return { kind: 'free', thighDeg: isTop ? 112 : 128, shankDeg: isTop ? 112 : 128 };
  if (legs === 'one-raised') return { kind: 'free', thighDeg: 168, shankDeg: 80 };
  return legs === 'march' && isTop ? { kind: 'free', thighDeg: 165, shankDeg: 70 } : null;
};

const trunkDegOf = ({ hip, shoulder }: BridgePose): number =>
  (Math.atan2(shoulder.x - hip.x, shoulder.y - hip.y) * 180) / Math.PI;

/** A bridge or thrust drawn for its levers: foot distance, feet up, arms. */
export const makeBridge = (source: BridgeSource, { segments, values }: FigureOptions): SideFigure => {
  const body = bodyWith(segments);
  const bench = fromCm(source.benchCm);
  const feet = fromCm(numberAt(values, 'feet-elevation', source.feetCm ?? 0));
  const offsetCm = numberAt(values, 'foot-distance', source.footOffsetCm ?? 0);
  const poseAt = (lift: number): BridgePose => {
    const solved = solveBridge(body, {
      loadKg: 0,
      benchM: bench * 1.75,
      footOffsetM: offsetCm / 100,
      feetHeightM: feet * 1.75,
      lift,
    });
    if (solved.status !== 'feasible') throw new Error('bridge figure: the feet are too far');
    return solved.pose;
  };
  const armsWord = values.arms;
  const arms = armsOf(
    armsWord === 'folded' || armsWord === 'reaching' || armsWord === 'pressed' ? armsWord : source.arms,
    bench === 0,
  );
  const ankle = poseAt(1).ankle;
  const heelX = fromM(ankle.x) - 0.038;
  const foot: FootPlacement = { kind: 'flat', heelX, ...(feet > 0 ? { y: feet } : {}) };
  const keyPose = (lift: number): KeyPose => {
    const pose = poseAt(lift);
    const trunkDeg = trunkDegOf(pose);
    const other = otherLeg(source.legs, lift === 1);
    return {
      root: { at: 'shoulder', x: fromM(pose.shoulder.x), y: fromM(pose.shoulder.y) },
      trunkDeg,
      headDeg: bench > 0 ? trunkDeg + 22 : -76,
      arms,
      ...(other ? { far: other } : {}),
    };
  };
  const lowLift = bench > 0 ? 0.45 : 0;
  const low = keyPose(lowLift);
  // A marching foot comes back to the floor: at the low end it is drawn where a free leg would reach it.
  const marchFoot: FreeLeg = { kind: 'free', thighDeg: 140, shankDeg: 20 };
  const props: Prop[] = [
    ...(source.props ?? []),
    ...(bench > 0 ? [{ kind: 'box', x: -0.16, w: 0.17, h: bench, label: 'bench' } as const] : []),
    ...(feet > 0 ? [{ kind: 'box', x: heelX - 0.02, w: 0.22, h: feet, label: feet > 0.14 ? 'bench' : 'box' } as const] : []),
  ];
  return {
    view: 'side',
    nearFoot: foot,
    farFoot: source.legs === 'staggered' ? { kind: 'on-heel', heelX: heelX + 0.1, toesUpDeg: 25, y: feet } : foot,
    top: keyPose(1),
    bottom: source.legs === 'march' ? { ...low, far: marchFoot } : low,
    segments,
    props,
    ...(source.implement ? { implement: source.implement } : {}),
  };
};
