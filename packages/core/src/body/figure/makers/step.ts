import type { FootPlacement, KeyPose, SideFigure } from '../types';
import { armsFor, fromCm, numberAt } from './shared';
import type { FigureOptions, StepSource } from './types';

/** Up a step from behind, or down from it to the front or behind, drawn for its height. */
export const makeStep = (source: StepSource, { segments, values }: FigureOptions): SideFigure => {
  const h = Math.min(0.3, fromCm(numberAt(values, 'step-height', source.stepCm)));
  const legs = segments.thigh + segments.shank;
  const near: FootPlacement = { kind: 'flat', heelX: 0, y: h };
  const tall = { x: 0.03, y: h + segments.footHeight + legs * 0.99 };
  const pose = (hip: { x: number; y: number }, trunkDeg: number, far: FootPlacement): KeyPose => ({
    root: { at: 'hip', ...hip },
    trunkDeg,
    arms: armsFor(source.hold, trunkDeg, segments.trunk),
    far,
  });
  const base = {
    view: 'side',
    nearFoot: near,
    farFoot: near,
    segments,
    props: [{ kind: 'box', x: -0.03, w: 0.24, h, label: 'box' }, ...(source.props ?? [])],
    ...(source.implement ? { implement: source.implement } : {}),
  } as const;
  const onBall = (ballX: number, y: number, soleDeg: number): FootPlacement => ({ kind: 'on-ball', ballX, y, soleDeg });
  if (source.way === 'up') {
    return {
      ...base,
      top: pose(tall, 2, onBall(0.109, h, 0)),
      between: [
        pose({ x: -0.02, y: tall.y * 0.55 + 0.24 }, 14, onBall(-0.12, Math.max(0.08, h * 0.7), 45)),
        pose({ x: -0.06, y: segments.footHeight + legs * 0.96 }, 18, onBall(-0.17, 0, 35)),
      ],
      bottom: pose({ x: -0.1, y: segments.footHeight + legs * 0.95 }, 18, onBall(-0.17, 0, 0)),
    };
  }
  const isFront = source.way === 'down-front';
  const lowY = segments.footHeight + legs * 0.9;
  const hip = isFront ? { x: -0.03, y: lowY } : { x: -0.07, y: lowY };
  const foot = (share: number): FootPlacement =>
    isFront
      ? { kind: 'on-heel', heelX: 0.02 + 0.13 * share, toesUpDeg: 16 * share, y: h * (1 - share) }
      : onBall(0.1 - 0.26 * share, h * (1 - share), 38 * share);
  const midFoot = (): FootPlacement =>
    isFront ? { kind: 'on-heel', heelX: 0.12, toesUpDeg: 12, y: h * 0.9 } : onBall(-0.12, h * 0.9, 30);
  const middle = { x: (tall.x + hip.x) / 2, y: (tall.y + hip.y) / 2 + h * 0.12 };
  return {
    ...base,
    top: pose(tall, 2, foot(0)),
    between: [pose(middle, 8, midFoot())],
    bottom: pose(hip, isFront ? 16 : 20, foot(1)),
  };
};
