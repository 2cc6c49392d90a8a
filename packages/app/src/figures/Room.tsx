import { Circle, Line, Path, Polyline, Rect } from 'react-native-svg';
import { SEGMENTS } from '@drubo/core';
import type { Prop, Skeleton } from '@drubo/core';
import { usePalette } from '../theme/use-palette';
import { anchorAt, LIMB, pathOf } from './drawing';
import type { Drawing } from './drawing';

interface Props {
  props: readonly Prop[];
  skeleton: Skeleton;
  drawing: Drawing;
  /** The family's tint, for what pulls. */
  tint: string;
}

/** What stands in the room: boxes, walls, poles, wedges, bands, straps, sliders, balls, frames. */
export const Room = ({ props, ...rest }: Props) => (
  <>
    {props.map((prop, at) => (
      <One key={`${prop.kind}-${at}`} prop={prop} {...rest} />
    ))}
  </>
);

const One = ({ prop, skeleton: s, drawing, tint }: Omit<Props, 'props'> & { prop: Prop }) => {
  const palette = usePalette();
  const { at, scale, thick } = drawing;
  const edge = { stroke: palette.edge, strokeWidth: Math.max(1.2, thick * 0.35), fill: 'none' } as const;
  switch (prop.kind) {
    case 'box': {
      const top = at({ x: prop.x, y: (prop.y ?? 0) + prop.h });
      const isPadded = prop.label === 'bench' || prop.label === 'seat' || prop.label === 'pad';
      return (
        <>
          <Rect
            x={top.x}
            y={top.y}
            width={prop.w * scale}
            height={prop.h * scale}
            {...edge}
            fill={palette.hairline}
            fillOpacity={0.5}
          />
          {isPadded && (
            <Line x1={top.x} x2={top.x + prop.w * scale} y1={top.y} y2={top.y} stroke={palette.edge} strokeWidth={thick * 0.9} />
          )}
        </>
      );
    }
    case 'cushion': {
      const top = at({ x: prop.x, y: prop.y + prop.h });
      return <Rect x={top.x} y={top.y} width={prop.w * scale} height={prop.h * scale} rx={3} {...edge} fill={palette.hairline} />;
    }
    case 'wall': {
      const [top, foot] = [at({ x: prop.x, y: prop.h ?? 0.8 }), at({ x: prop.x, y: 0 })];
      return <Line x1={top.x} x2={foot.x} y1={top.y} y2={foot.y} {...edge} strokeWidth={thick * 0.8} />;
    }
    case 'pole': {
      const [top, foot] = [at({ x: prop.x, y: prop.h }), at({ x: prop.x, y: 0 })];
      return <Line x1={top.x} x2={foot.x} y1={top.y} y2={foot.y} {...edge} strokeWidth={thick * 0.5} strokeLinecap="round" />;
    }
    case 'wedge': {
      const [a, b, c] = [at({ x: prop.x - 0.01, y: 0 }), at({ x: prop.x - 0.01, y: prop.h }), at({ x: prop.x + prop.w, y: 0 })];
      return <Path d={`M${a.x} ${a.y}L${b.x} ${b.y}L${c.x} ${c.y}Z`} {...edge} fill={palette.edge} />;
    }
    case 'ball':
    case 'ball-at': {
      const on = prop.kind === 'ball' ? prop : anchorAt(prop.on, s);
      const centre = at({ x: on.x, y: on.y + (prop.kind === 'ball' ? 0 : (prop.dy ?? 0)) });
      return <Circle cx={centre.x} cy={centre.y} r={prop.r * scale} {...edge} fill={palette.hairline} fillOpacity={0.6} />;
    }
    case 'slider': {
      const foot = prop.under === 'far-foot' ? s.far : s.near;
      const centre = at({ x: prop.under === 'hand' ? s.arm.hand.x : (foot.heel.x + foot.toe.x) / 2, y: 0 });
      const half = 0.09 * scale;
      return (
        <Line
          x1={centre.x - half}
          x2={centre.x + half}
          y1={centre.y + thick * 0.2}
          y2={centre.y + thick * 0.2}
          stroke={tint}
          strokeWidth={thick * 0.7}
          strokeLinecap="round"
        />
      );
    }
    case 'line': {
      const [from, to] = [anchorAt(prop.from, s), anchorAt(prop.to, s)];
      const look = {
        band: { stroke: tint, strokeWidth: thick * 0.55 },
        strap: { stroke: palette.edge, strokeWidth: thick * 0.35 },
        frame: { stroke: palette.edge, strokeWidth: thick * 0.6 },
        stick: { stroke: palette.edge, strokeWidth: thick * 0.5 },
      }[prop.look];
      return <Polyline {...LIMB} points={pathOf(drawing, from, to)} {...look} />;
    }
    case 'loop': {
      const [a, b] = prop.at === 'knees' ? [s.near.knee, s.far.knee] : [s.near.ankle, s.far.ankle];
      if (s.view === 'front')
        return <Polyline {...LIMB} points={pathOf(drawing, a, b)} stroke={tint} strokeWidth={thick * 0.7} />;
      // From the side a loop is a ring round the thigh, a little above the knee.
      const up = { x: a.x + (s.hip.x - a.x) * 0.2, y: a.y + (s.hip.y - a.y) * 0.2 };
      return <Circle cx={at(up).x} cy={at(up).y} r={thick * 1.1} stroke={tint} strokeWidth={thick * 0.6} fill="none" />;
    }
    case 'hands-band':
      return <Polyline {...LIMB} points={pathOf(drawing, s.arm.hand, s.farArm.hand)} stroke={tint} strokeWidth={thick * 0.6} />;
    case 'back-stick': {
      // Along the back, touching head, upper back and tail.
      const [dx, dy] = [(s.shoulder.x - s.hip.x) / SEGMENTS.trunk, (s.shoulder.y - s.hip.y) / SEGMENTS.trunk];
      const off = (along: number) => ({ x: s.hip.x + dx * along - dy * 0.06, y: s.hip.y + dy * along + dx * 0.06 });
      return <Polyline {...LIMB} points={pathOf(drawing, off(-0.1), off(0.5))} stroke={palette.edge} strokeWidth={thick * 0.5} />;
    }
    case 'footplate': {
      const { heel, toe } = s.near;
      const past = (share: number) => ({ x: heel.x + (toe.x - heel.x) * share, y: heel.y + (toe.y - heel.y) * share });
      return (
        <Polyline {...LIMB} points={pathOf(drawing, past(-0.5), past(1.4))} stroke={palette.edge} strokeWidth={thick * 0.8} />
      );
    }
  }
};
