import { Circle, Polyline } from 'react-native-svg';
import { SEGMENTS } from '@drubo/core';
import type { LegPoints, Skeleton } from '@drubo/core';
import { usePalette } from '../theme/use-palette';
import { LIMB, pathOf } from './drawing';
import type { Drawing } from './drawing';

const isSame = (a: LegPoints, b: LegPoints): boolean => Math.hypot(a.toe.x - b.toe.x, a.toe.y - b.toe.y) < 0.005;

/** The limbs behind: the far leg and arm where they differ from the near ones. */
export const BodyBehind = ({ skeleton: s, drawing }: { skeleton: Skeleton; drawing: Drawing }) => {
  const palette = usePalette();
  const { thick } = drawing;
  if (s.view === 'front') return null;
  const isArmApart = Math.hypot(s.arm.hand.x - s.farArm.hand.x, s.arm.hand.y - s.farArm.hand.y) > 0.01;
  return (
    <>
      {isArmApart && (
        <Polyline
          {...LIMB}
          points={pathOf(drawing, s.farShoulder, s.farArm.elbow, s.farArm.hand)}
          stroke={palette.quiet}
          strokeWidth={thick * 0.75}
        />
      )}
      {!isSame(s.near, s.far) && (
        <>
          <Polyline
            {...LIMB}
            points={pathOf(drawing, s.farHip, s.far.knee, s.far.ankle)}
            stroke={palette.quiet}
            strokeWidth={thick * 0.9}
          />
          <Foot leg={s.far} drawing={drawing} color={palette.quiet} width={0.75} />
        </>
      )}
    </>
  );
};

const Foot = ({ leg, drawing, color, width }: { leg: LegPoints; drawing: Drawing; color: string; width: number }) => (
  <Polyline
    {...LIMB}
    points={pathOf(drawing, leg.ankle, leg.heel, leg.ball, leg.toe)}
    stroke={color}
    strokeWidth={drawing.thick * width}
  />
);

/** Trunk, head and the limbs in front, but the near arm: what is carried goes between. */
export const BodyFront = ({ skeleton: s, drawing }: { skeleton: Skeleton; drawing: Drawing }) => {
  const palette = usePalette();
  const { thick, at, scale } = drawing;
  const isFront = s.view === 'front';
  const line = (width: number) => ({ ...LIMB, stroke: palette.ink, strokeWidth: thick * width });
  return (
    <>
      <Polyline {...line(1.2)} points={pathOf(drawing, s.shoulder, s.hip)} />
      {isFront && (
        <>
          <Polyline {...line(1)} points={pathOf(drawing, s.nearShoulder, s.farShoulder)} />
          <Polyline {...line(1)} points={pathOf(drawing, s.nearHip, s.farHip)} />
          <Polyline {...line(1)} points={pathOf(drawing, s.farHip, s.far.knee, s.far.ankle)} />
          <Foot leg={s.far} drawing={drawing} color={palette.ink} width={0.8} />
        </>
      )}
      <Polyline {...line(1.1)} points={pathOf(drawing, s.nearHip, s.near.knee, s.near.ankle)} />
      <Foot leg={s.near} drawing={drawing} color={palette.ink} width={0.8} />
      <Circle
        cx={at(s.head).x}
        cy={at(s.head).y}
        r={SEGMENTS.headRadius * scale}
        stroke={palette.ink}
        strokeWidth={thick * 0.85}
        fill={palette.card}
      />
    </>
  );
};

/** The arms in front, over what they carry. */
export const Arms = ({ skeleton: s, drawing }: { skeleton: Skeleton; drawing: Drawing }) => {
  const palette = usePalette();
  const line = { ...LIMB, stroke: palette.ink, strokeWidth: drawing.thick * 0.8 };
  return (
    <>
      {s.view === 'front' && <Polyline {...line} points={pathOf(drawing, s.farShoulder, s.farArm.elbow, s.farArm.hand)} />}
      <Polyline {...line} points={pathOf(drawing, s.nearShoulder, s.arm.elbow, s.arm.hand)} />
    </>
  );
};
