import { memo, useMemo } from 'react';
import Svg, { Circle, Line, Polyline } from 'react-native-svg';
import { SEGMENTS } from '@drubo/core';
import type { Point } from '@drubo/core';
import type { Variation } from '@drubo/core/catalogue';
import type { PieceType } from '@drubo/core/vocabulary';
import { usePalette } from '../theme/use-palette';
import { boundsOf, skeletonAt } from './bounds';
import { Carried } from './Carried';
import { usualPiece } from './held';

interface Props {
  variation: Variation;
  /** 0 tall, 1 low. */
  depth: number;
  width: number;
  height: number;
  /** What is held; null for empty hands, the variation's usual piece where nothing is said. */
  held?: PieceType | null;
  /** Without the floor line, where something else is stood on. */
  bare?: boolean;
}

/**
 * The chalk-line figure of a variation in one position, seen from the side. The frame holds the whole movement, so
 * feet and floor stay where they are while it moves.
 */
export const Figure = memo(({ variation, depth, width, height, held = usualPiece(variation), bare = false }: Props) => {
  const palette = usePalette();
  const { figure, family } = variation;
  const box = useMemo(() => boundsOf(figure), [figure]);
  const skeleton = skeletonAt(figure, depth);
  const scale = Math.min(width / (box.maxX - box.minX), height / (box.maxY - box.minY));
  const left = (width - (box.maxX - box.minX) * scale) / 2;
  const at = ({ x, y }: Point) => ({ x: left + (x - box.minX) * scale, y: height - (y - box.minY) * scale });
  const path = (...points: Point[]) => points.map((point) => `${at(point).x},${at(point).y}`).join(' ');
  const limb = { fill: 'none', strokeLinecap: 'round', strokeLinejoin: 'round' } as const;
  const thick = Math.max(2.2, scale * 0.032);
  const { head, shoulder, hip, elbow, hand, near, far } = skeleton;
  const foot = (leg: typeof near) => path(leg.ankle, leg.heel, leg.ball, leg.toe);
  const isSplit = near.toe.x !== far.toe.x;
  const floorY = at({ x: 0, y: 0 }).y + thick * 0.7;
  return (
    <Svg width={width} height={height} viewBox={`0 0 ${width} ${height}`} role="img" aria-label={`${variation.name}, side view`}>
      {!bare && (
        <Line x1={4} x2={width - 4} y1={floorY} y2={floorY} stroke={palette.edge} strokeWidth={1.2} strokeDasharray="2 4" />
      )}
      {isSplit && (
        <>
          <Polyline {...limb} points={path(hip, far.knee, far.ankle)} stroke={palette.quiet} strokeWidth={thick * 0.9} />
          <Polyline {...limb} points={foot(far)} stroke={palette.quiet} strokeWidth={thick * 0.75} />
        </>
      )}
      <Polyline {...limb} points={path(shoulder, hip)} stroke={palette.ink} strokeWidth={thick * 1.2} />
      <Polyline {...limb} points={path(hip, near.knee, near.ankle)} stroke={palette.ink} strokeWidth={thick * 1.1} />
      <Polyline {...limb} points={foot(near)} stroke={palette.ink} strokeWidth={thick * 0.8} />
      <Circle
        cx={at(head).x}
        cy={at(head).y}
        r={SEGMENTS.headRadius * scale}
        stroke={palette.ink}
        strokeWidth={thick * 0.85}
        fill={palette.card}
      />
      {held && (
        <Carried implement={figure.implement} piece={held} skeleton={skeleton} at={at} scale={scale} color={palette[family]} />
      )}
      <Polyline {...limb} points={path(shoulder, elbow, hand)} stroke={palette.ink} strokeWidth={thick * 0.8} />
    </Svg>
  );
});
Figure.displayName = 'Figure';
