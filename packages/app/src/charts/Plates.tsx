import { scaleSqrt } from 'd3-scale';
import Svg, { Line, Rect } from 'react-native-svg';
import type { BarSetup } from '@drubo/core';
import { toKg } from '@drubo/core';
import { formatSide } from '@drubo/words/explain';
import { usePalette } from '../theme/use-palette';

const HEIGHT = 34;
const SLEEVE = 12;
const GAP = 2;
/** Height of a plate by its mass: the biggest fill the drawing, the smallest stay to be seen. */
const heightOf = scaleSqrt([0, 20], [8, HEIGHT]).clamp(true);
const thicknessOf = (kg: number): number => (kg >= 10 ? 7 : 5);

/** One end of a loaded bar, plates from the collar out, each as tall as it is heavy. */
export const Plates = ({ setup }: { setup: Pick<BarSetup, 'side'> }) => {
  const palette = usePalette();
  const sizes = setup.side.map(({ value, unit }) => toKg(value, unit));
  const plates = sizes.map((kg, at) => ({
    key: at,
    x: SLEEVE + sizes.slice(0, at).reduce((sum, inner) => sum + thicknessOf(inner) + GAP, 0),
    width: thicknessOf(kg),
    height: heightOf(kg),
  }));
  const width = 2 * SLEEVE + sizes.reduce((sum, kg) => sum + thicknessOf(kg) + GAP, 0);
  return (
    <Svg width={width} height={HEIGHT} role="img" aria-label={formatSide(setup.side)}>
      <Line x1={0} x2={width} y1={HEIGHT / 2} y2={HEIGHT / 2} stroke={palette.edge} strokeWidth={4} />
      <Rect x={SLEEVE - 5} y={HEIGHT / 2 - 7} width={3} height={14} fill={palette.quiet} />
      {plates.map((plate) => (
        <Rect
          key={plate.key}
          x={plate.x}
          y={(HEIGHT - plate.height) / 2}
          width={plate.width}
          height={plate.height}
          rx={2}
          fill={palette.ink}
        />
      ))}
    </Svg>
  );
};
