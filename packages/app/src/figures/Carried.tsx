import { Circle, G, Line, Path } from 'react-native-svg';
import type { FigureImplement, Point, Skeleton } from '@drubo/core';

interface Props {
  implement: FigureImplement;
  skeleton: Skeleton;
  /** Maps a point of the body to the drawing. */
  at(point: Point): { x: number; y: number };
  /** Drawing units per standing height. */
  scale: number;
  color: string;
}

/** What the figure carries, at the hands or across the hips. Sizes are shares of height, as pieces really are. */
export const Carried = ({ implement, skeleton, at, scale, color }: Props) => {
  const hand = at(skeleton.hand);
  const unit = scale / 100;
  if (implement === 'bell') {
    return (
      <G>
        <Path
          d={`M${hand.x - 3 * unit} ${hand.y + 4 * unit}L${hand.x - 2.4 * unit} ${hand.y - 0.6 * unit}Q${hand.x} ${hand.y - 2 * unit} ${hand.x + 2.4 * unit} ${hand.y - 0.6 * unit}L${hand.x + 3 * unit} ${hand.y + 4 * unit}`}
          stroke={color}
          strokeWidth={1.5 * unit}
          strokeLinejoin="round"
          fill="none"
        />
        <Circle cx={hand.x} cy={hand.y + 6.6 * unit} r={4.4 * unit} fill={color} />
      </G>
    );
  }
  if (implement === 'dumbbells') return <DumbbellSide x={hand.x} y={hand.y} unit={unit} color={color} />;
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

/** A dumbbell along the line of sight of the hand: handle and two heads, lying forward and back. */
const DumbbellSide = ({ x, y, unit, color }: { x: number; y: number; unit: number; color: string }) => (
  <G>
    <Line x1={x - 5 * unit} x2={x + 5 * unit} y1={y} y2={y} stroke={color} strokeWidth={1.6 * unit} />
    {[-5, 5].map((side) => (
      <Line
        key={side}
        x1={x + side * unit}
        x2={x + side * unit}
        y1={y - 2.6 * unit}
        y2={y + 2.6 * unit}
        stroke={color}
        strokeWidth={3.2 * unit}
        strokeLinecap="round"
      />
    ))}
  </G>
);
