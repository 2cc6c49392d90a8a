import { solveSplit } from '../../posture/split-squat';
import { placeFoot } from '../foot';
import type { Segments } from '../../segments';
import type { Arms, FootPlacement, KeyPose, Point, Prop, SideFigure } from '../types';
import { up } from '../geometry';
import { armsFor, bodyWith, fromCm, fromM, numberAt, supportProps, withinReach } from './shared';
import type { FigureOptions, SplitSource } from './types';

const USUAL = { strideCm: 70, leanDeg: 10, frontShare: 0.75 } as const;
const FRONT: FootPlacement = { kind: 'flat', heelX: 0 };
/** Legs are drawn a little short of straight at the top. */
const NEARLY_STRAIGHT = 0.992;

/** The low end at a level thigh, or as near to it as a very long stride lets the hip go. */
const lowest = (source: SplitSource, segments: Segments, strideM: number, rearHeightM: number) => {
  for (const thighDeg of [90, 84, 78, 70]) {
    for (const share of [source.frontShare ?? USUAL.frontShare, 0.7]) {
      const { carry, leanDeg = USUAL.leanDeg } = source;
      const solved = solveSplit(bodyWith(segments), {
        carry,
        loadKg: 0,
        strideM,
        frontShare: share,
        leanDeg,
        thighDeg,
        rearHeightM,
      });
      if (solved.status === 'feasible') return solved;
    }
  }
  throw new Error('split figure: the stride does not reach');
};

/** Where the hip stands tallest over two feet, at x. */
const tallest = (x: number, ankles: readonly Point[], reach: number): Point => ({
  x,
  y: Math.min(...ankles.map((ankle) => ankle.y + Math.sqrt(Math.max(0, (reach * NEARLY_STRAIGHT) ** 2 - (x - ankle.x) ** 2)))),
});

/** A split squat or lunge drawn for its levers: stride, pad, rear and front elevation, deficit, support, slider. */
export const makeSplit = (source: SplitSource, { segments, values }: FigureOptions): SideFigure => {
  const stride = fromCm(numberAt(values, 'stride', source.strideCm ?? USUAL.strideCm));
  const rear = fromCm(numberAt(values, 'rear-elevation', source.rearCm ?? 0));
  const front = fromCm(numberAt(values, 'front-elevation', numberAt(values, 'deficit', source.frontCm ?? 0)));
  const padCm = numberAt(values, 'pad-height', source.padCm ?? 0);
  const solved = lowest(source, segments, stride * 1.75, rear * 1.75);
  const near: FootPlacement = front > 0 ? { ...FRONT, y: front } : FRONT;
  const far: FootPlacement =
    rear > 0
      ? { kind: 'ankle-at', x: -stride - 0.03, y: rear + 0.035, toesDeg: 195 }
      : { kind: 'on-ball', ballX: -stride, soleDeg: 60 };
  const legs = segments.thigh + segments.shank;
  const [nearAnkle, farAnkle] = [placeFoot(near, segments).ankle, placeFoot(far, segments).ankle];
  const lowHip = { x: fromM(solved.pose.hip.x), y: fromM(solved.pose.hip.y) + front * 0.6 };
  const depth = (source.depth ?? 1) * (1 - Math.min(0.45, padCm / 45));
  const planted = tallest(lowHip.x - (rear > 0 ? 0 : 0.03), [nearAnkle, farAnkle], legs);
  const hipAt = (share: number): Point => ({
    x: planted.x + (lowHip.x - planted.x) * share,
    y: planted.y + (lowHip.y - planted.y) * share,
  });
  const shoulderOver = (hip: Point, trunkDeg: number): Point => up(hip, segments.trunk, trunkDeg);
  const shoulders = [shoulderOver(planted, 4), shoulderOver(hipAt(depth), solved.pose.trunkDeg * depth + 2)];
  const support =
    source.support && values.support !== 'none'
      ? { ...source.support, ...withinReach(source.support, shoulders, segments) }
      : undefined;
  const arms = (trunkDeg: number): Arms =>
    support ? { kind: 'at', x: support.x, y: support.y } : armsFor(source.hold, trunkDeg, segments.trunk);
  const hipPose = (hip: Point, trunkDeg: number): KeyPose => ({ root: { at: 'hip', ...hip }, trunkDeg, arms: arms(trunkDeg) });
  const bottom = hipPose(hipAt(depth), solved.pose.trunkDeg * depth + 2);
  const kneeX = fromM(solved.pose.rearKnee.x);
  const isSlider = source.slider || values.surface === 'slider';
  const props: Prop[] = [
    ...(source.props ?? []),
    ...supportProps(support),
    ...(rear > 0 ? [{ kind: 'box', x: -stride - 0.14, w: 0.18, h: rear, label: 'bench' } as const] : []),
    ...(front > 0 ? [{ kind: 'box', x: -0.03, w: 0.21, h: front, label: 'box' } as const] : []),
    ...(padCm > 0 ? [{ kind: 'cushion', x: kneeX - 0.07, y: 0, w: 0.14, h: fromCm(padCm) } as const] : []),
    ...(isSlider ? [{ kind: 'slider', under: 'far-foot' } as const] : []),
  ];
  const base = {
    view: 'side',
    segments,
    props,
    nearFoot: near,
    farFoot: far,
    bottom,
    ...(source.implement ? { implement: source.implement } : {}),
  } as const;
  if (source.step === 'none') return { ...base, top: hipPose(planted, 4) };
  const isBack = source.step === 'back';
  const lifted = isSlider ? 0 : 0.05;
  // The foot that moves: beside the other when tall, on its way halfway.
  const beside: FootPlacement = isBack
    ? { kind: 'on-ball', ballX: 0.11, soleDeg: 0, y: front }
    : { kind: 'flat', heelX: -stride - 0.11, y: 0 };
  const onWay: FootPlacement = isBack
    ? { kind: 'on-ball', ballX: 0.11 - (stride + 0.11) * 0.45, soleDeg: 40, y: lifted }
    : { kind: 'flat', heelX: (-stride - 0.11) * 0.5, y: 0.06 };
  const standX = isBack ? 0.02 : -stride - 0.09;
  const standY = (isBack ? nearAnkle.y : placeFoot({ kind: 'flat', heelX: 0 }, segments).ankle.y) + legs * 0.985;
  const halfway = isBack ? hipAt(0.12) : { x: (standX + planted.x) / 2, y: planted.y * 0.985 };
  const moving = (pose: KeyPose, foot: FootPlacement): KeyPose => (isBack ? { ...pose, far: foot } : { ...pose, near: foot });
  const stay: FootPlacement = { kind: 'on-ball', ballX: -stride, soleDeg: 0 };
  const planting: FootPlacement = { kind: 'on-ball', ballX: -stride, soleDeg: 30 };
  const rearOf = (pose: KeyPose, foot: FootPlacement): KeyPose => (isBack ? pose : { ...pose, far: foot });
  return {
    ...base,
    top: rearOf(moving(hipPose({ x: standX, y: standY }, 1), beside), stay),
    between: [rearOf(moving(hipPose(halfway, 3), onWay), planting)],
    bottom: rearOf(moving(bottom, isBack ? far : near), far),
  };
};
