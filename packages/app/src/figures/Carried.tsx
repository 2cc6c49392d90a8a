import { Circle, G, Line, Path } from 'react-native-svg';
import { SEGMENTS } from '@drubo/core';
import type { FigureImplement, Point, Skeleton } from '@drubo/core';
import type { PieceType } from '@drubo/core/vocabulary';
import type { Drawing } from './drawing';

interface Props {
  implement: FigureImplement;
  /** The kind of weight that is really held, where it may be either. */
  piece: PieceType | undefined;
  skeleton: Skeleton;
  drawing: Drawing;
  color: string;
}

/** Along and in front of the trunk, from the hip. */
const onTrunk = (s: Skeleton, along: number, front: number): Point => {
  const [ux, uy] = [(s.shoulder.x - s.hip.x) / SEGMENTS.trunk, (s.shoulder.y - s.hip.y) / SEGMENTS.trunk];
  return { x: s.hip.x + ux * along + uy * front, y: s.hip.y + uy * along - ux * front };
};

/** Where on the body it is carried. */
const placeOf = (implement: FigureImplement, s: Skeleton): Point => {
  switch (implement.at) {
    case 'hands':
      return s.view === 'front'
        ? { x: (s.arm.hand.x + s.farArm.hand.x) / 2, y: (s.arm.hand.y + s.farArm.hand.y) / 2 }
        : s.arm.hand;
    case 'shoulders-front':
      return onTrunk(s, SEGMENTS.trunk + 0.005, 0.05);
    case 'shoulders-back':
      return onTrunk(s, SEGMENTS.trunk + 0.01, -0.045);
    case 'elbows':
      return { x: s.arm.elbow.x + 0.03, y: s.arm.elbow.y + 0.02 };
    case 'hips':
      return onTrunk(s, 0.005, 0.055);
    case 'belt':
      return { x: s.hip.x + 0.05, y: s.hip.y - 0.12 };
  }
};

/** What the figure carries. Sizes are shares of height, as pieces really are. */
export const Carried = ({ implement, piece, skeleton, drawing, color }: Props) => {
  const spot = placeOf(implement, skeleton);
  const centre = drawing.at(spot);
  const unit = drawing.scale / 100;
  const kind =
    piece && (implement.piece === 'bell' || implement.piece === 'dumbbell')
      ? piece === 'kettlebell'
        ? 'bell'
        : 'dumbbell'
      : implement.piece;
  const common = { x: centre.x, y: centre.y, unit, color };
  if (skeleton.view === 'front' && kind === 'bar') {
    const half = 0.36 * drawing.scale;
    return (
      <G>
        <Line x1={centre.x - half} x2={centre.x + half} y1={centre.y} y2={centre.y} stroke={color} strokeWidth={1.6 * unit} />
        {[-1, 1].map((side) => (
          <Line
            key={side}
            x1={centre.x + side * half * 0.88}
            x2={centre.x + side * half * 0.88}
            y1={centre.y - 11 * unit}
            y2={centre.y + 11 * unit}
            stroke={color}
            strokeWidth={2.6 * unit}
            strokeLinecap="round"
          />
        ))}
      </G>
    );
  }
  switch (kind) {
    case 'bar':
    case 'safety-bar':
      return <Discs {...common} radius={implement.fullDiscs ? 12.8 : 8} isPadded={kind === 'safety-bar'} />;
    case 'trap-bar':
      return (
        <G>
          <Discs {...common} radius={11} isPadded={false} />
          <Line
            x1={centre.x - 9 * unit}
            x2={centre.x + 9 * unit}
            y1={centre.y}
            y2={centre.y}
            stroke={color}
            strokeWidth={1.6 * unit}
          />
        </G>
      );
    case 'block': {
      const top = drawing.at({ x: spot.x - 0.025, y: spot.y + 0.05 });
      return <Path d={`M${top.x} ${top.y}h${5 * unit}v${4 * unit}h${-5 * unit}z`} fill={color} />;
    }
    case 'bell':
      return <Bell {...common} />;
    case 'dumbbell':
      if (implement.at === 'hips') return <Discs {...common} radius={4.2} isPadded={false} />;
      // In front of the chest a dumbbell stands on its end; at the sides it lies along.
      return (
        <Dumbbell
          {...common}
          upright={!implement.pair && implement.at === 'hands' && skeleton.arm.hand.y > skeleton.hip.y + 0.12}
        />
      );
  }
};

interface PieceProps {
  x: number;
  y: number;
  unit: number;
  color: string;
}

/** A bar seen from its end: its disc and its sleeve. */
const Discs = ({ x, y, unit, color, radius, isPadded }: PieceProps & { radius: number; isPadded: boolean }) => (
  <G>
    <Circle cx={x} cy={y} r={radius * unit} stroke={color} strokeWidth={1.7 * unit} fill="none" />
    <Circle cx={x} cy={y} r={1.6 * unit} fill={color} />
    {isPadded && (
      <Line x1={x} x2={x + 9 * unit} y1={y} y2={y + 1.5 * unit} stroke={color} strokeWidth={2.2 * unit} strokeLinecap="round" />
    )}
  </G>
);

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
