import { Circle, G, Line, Path } from 'react-native-svg';
import type { FigureImplement, Point, Skeleton } from '@drubo/core';
import type { PieceType } from '@drubo/core/vocabulary';

interface Props {
  implement: FigureImplement;
  /** The kind of weight that is held. */
  piece: PieceType;
  skeleton: Skeleton;
  /** Maps a point of the body to the drawing. */
  at(point: Point): { x: number; y: number };
  /** Drawing units per standing height. */
  scale: number;
  color: string;
}

/** What the figure carries, at the hands or across the hips. Sizes are shares of height, as pieces really are. */
export const Carried = ({ implement, piece, skeleton, at, scale, color }: Props) => {
  const hand = at(skeleton.hand);
  const unit = scale / 100;
  if (implement === 'bell' || implement === 'dumbbells') {
    if (piece === 'kettlebell') return <Bell {...hand} unit={unit} color={color} />;
    // In front of the chest a dumbbell stands on its end, cupped under its upper head; at the sides it lies along.
    return <Dumbbell {...hand} unit={unit} color={color} upright={implement === 'bell'} />;
  }
  if (implement === 'dumbbell-on-hips') {
    // Seen from its end: a disc resting in the crease of the hips, on top of the body.
    const hip = at({ x: skeleton.hip.x - 0.005, y: skeleton.hip.y + 0.055 });
    return (
      <G>
        <Circle cx={hip.x} cy={hip.y} r={4.2 * unit} stroke={color} strokeWidth={1.8 * unit} fill="none" />
        <Circle cx={hip.x} cy={hip.y} r={1.4 * unit} fill={color} />
      </G>
    );
  }
  return null;
};

interface PieceProps {
  x: number;
  y: number;
  unit: number;
  color: string;
}

/** A bell hanging from the hand by its handle. */
const Bell = ({ x, y, unit, color }: PieceProps) => {
  const [left, right] = [x - 3 * unit, x + 3 * unit];
  const handle = `M${left} ${y + 4 * unit}L${x - 2.4 * unit} ${y - 0.6 * unit}Q${x} ${y - 2 * unit} ${x + 2.4 * unit} ${y - 0.6 * unit}L${right} ${y + 4 * unit}`;
  return (
    <G>
      <Path d={handle} stroke={color} strokeWidth={1.5 * unit} strokeLinejoin="round" fill="none" />
      <Circle cx={x} cy={y + 6.6 * unit} r={4.4 * unit} fill={color} />
    </G>
  );
};

/** A dumbbell seen from the side: its handle and two heads, lying at the hand or standing below it. */
const Dumbbell = ({ x, y, unit, color, upright }: PieceProps & { upright: boolean }) => {
  const half = 5 * unit;
  // Along the handle and across it, as steps in the drawing.
  const [alongX, alongY] = upright ? [0, 1] : [1, 0];
  const centreY = upright ? y + half : y;
  const end = (side: number) => ({ x: x + side * half * alongX, y: centreY + side * half * alongY });
  return (
    <G>
      <Line x1={end(-1).x} y1={end(-1).y} x2={end(1).x} y2={end(1).y} stroke={color} strokeWidth={1.6 * unit} />
      {[-1, 1].map((side) => (
        <Line
          key={side}
          x1={end(side).x - 2.6 * unit * alongY}
          x2={end(side).x + 2.6 * unit * alongY}
          y1={end(side).y - 2.6 * unit * alongX}
          y2={end(side).y + 2.6 * unit * alongX}
          stroke={color}
          strokeWidth={3.2 * unit}
          strokeLinecap="round"
        />
      ))}
    </G>
  );
};
