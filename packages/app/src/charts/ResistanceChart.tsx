import { scaleLinear } from 'd3-scale';
import { useState } from 'react';
import Svg, { Line, Polyline, Text } from 'react-native-svg';
import type { SweepStep } from '@drubo/core';
import { FONTS } from '../theme/tokens';
import { usePalette } from '../theme/use-palette';
import { Stack } from '../ui/layout';
import { Txt } from '../ui/Txt';
import { chartsWords } from '@drubo/words/screens/charts';

const words = chartsWords.resistanceChart;

const HEIGHT = 150;
const PAD = { left: 8, right: 8, top: 10, bottom: 22 } as const;

/** One movement's resistance along its range. */
export interface Curve {
  name: string;
  steps: readonly SweepStep[];
  /** The first is drawn whole, the second dashed, so that colour is not needed. */
  dashed: boolean;
}

const valuesOf = (curve: Curve, withBand: boolean) =>
  curve.steps.flatMap(({ depth, demandNm, demandWithBandNm }) => {
    const value = withBand ? demandWithBandNm : demandNm;
    return value === null ? [] : [{ depth, value }];
  });

/**
 * How hard knee and hip work from the top (left) to the bottom (right), each movement against the hardest point of all.
 * Where a band adds something a thinner line lies above the load's own.
 */
export const ResistanceChart = ({ curves, depth }: { curves: readonly Curve[]; depth: number }) => {
  const palette = usePalette();
  const [width, setWidth] = useState(320);
  const most = Math.max(1, ...curves.flatMap((curve) => valuesOf(curve, true).map(({ value }) => value)));
  const x = scaleLinear([0, 1], [PAD.left, width - PAD.right]);
  const y = scaleLinear([0, most], [HEIGHT - PAD.bottom, PAD.top]);
  const points = (curve: Curve, withBand: boolean) =>
    valuesOf(curve, withBand)
      .map(({ depth: at, value }) => `${x(at)},${y(value)}`)
      .join(' ');
  const hasBand = curves.some(({ steps }) => steps.some(({ bandKg }) => bandKg > 0));
  return (
    <Stack gap="xs" onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}>
      <Svg
        width={width}
        height={HEIGHT}
        role="img"
        aria-label={words.resistanceFromTopTo(
          curves.map(({ name, dashed }) => `${name} ${dashed ? words.dashed : words.wholeLine}`).join(', '),
        )}
      >
        <Line x1={PAD.left} x2={width - PAD.right} y1={y(0)} y2={y(0)} stroke={palette.edge} />
        <Line x1={x(depth)} x2={x(depth)} y1={PAD.top} y2={y(0)} stroke={palette.edge} strokeDasharray="2 3" />
        {curves.map((curve) => (
          <Polyline
            key={`${curve.name}-load-${curve.dashed}`}
            points={points(curve, false)}
            fill="none"
            stroke={curve.dashed ? palette.clay : palette.moss}
            strokeWidth={3}
            {...(curve.dashed ? { strokeDasharray: '7 5' } : {})}
          />
        ))}
        {hasBand &&
          curves.map((curve) => (
            <Polyline
              key={`${curve.name}-band-${curve.dashed}`}
              points={points(curve, true)}
              fill="none"
              stroke={curve.dashed ? palette.clay : palette.moss}
              strokeWidth={1.4}
              {...(curve.dashed ? { strokeDasharray: '7 5' } : {})}
            />
          ))}
        <Text x={PAD.left} y={HEIGHT - 6} fontSize={12} fontFamily={FONTS.text} fill={palette.quiet}>
          {words.top}
        </Text>
        <Text x={width - PAD.right} y={HEIGHT - 6} fontSize={12} fontFamily={FONTS.text} fill={palette.quiet} textAnchor="end">
          {words.bottom}
        </Text>
      </Svg>
      <Txt kind="small" tone="quiet">
        {curves.map(({ name, dashed }) => `${dashed ? '– – ' : '— '}${name}`).join('   ')}
        {hasBand ? words.thinWithTheBand : ''}
      </Txt>
    </Stack>
  );
};
