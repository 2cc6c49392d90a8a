import { scaleSqrt } from 'd3-scale';
import Svg, { Circle, G, Path, Rect } from 'react-native-svg';
import type { Load } from '@drubo/core';
import { toKg } from '@drubo/core';
import { usePalette } from '../theme/use-palette';

const HEIGHT = 34;
const BOX = 32;
/** How big a weight is drawn by its mass. */
const sizeOf = scaleSqrt([0, 40], [6, 24]).clamp(true);

/** The weights of a load that is no bar, each as big as it is heavy: bells with a handle, dumbbells with two ends, else a block. */
export const Pieces = ({ load }: { load: Load }) => {
  const palette = usePalette();
  const pieces = load.implements.flatMap(({ type, value, unit, count }) =>
    Array.from({ length: count }, () => ({ type, size: sizeOf(toKg(value, unit)) })),
  );
  return (
    <Svg width={2 * BOX} height={HEIGHT} aria-hidden>
      {pieces.slice(0, 2).map(({ type, size }, at) => (
        <G key={at} x={at * BOX + BOX / 2} y={HEIGHT - size / 2 - 3}>
          {type === 'kettlebell' ? (
            <>
              <Circle r={size / 2} fill={palette.ink} />
              <Path
                d={`M ${-size / 3} ${-size / 3} a ${size / 3} ${size / 3} 0 0 1 ${(2 * size) / 3} 0`}
                stroke={palette.ink}
                strokeWidth={2.5}
                fill="none"
              />
            </>
          ) : type === 'dumbbell' ? (
            <>
              <Rect x={-size / 2} y={-2} width={size} height={4} fill={palette.edge} />
              <Rect x={-size / 2 - 2} y={-size / 2} width={size / 3} height={size} rx={2} fill={palette.ink} />
              <Rect x={size / 6 + 2} y={-size / 2} width={size / 3} height={size} rx={2} fill={palette.ink} />
            </>
          ) : (
            <Rect x={-size / 2} y={-size / 2} width={size} height={size} rx={3} fill={palette.ink} />
          )}
        </G>
      ))}
    </Svg>
  );
};
