import { memo, useMemo } from 'react';
import Svg, { Line } from 'react-native-svg';
import { makeFigure, skeletonAt } from '@drubo/core';
import type { ModelMoment, Point, Segments } from '@drubo/core';
import type { Variation } from '@drubo/core/catalogue';
import type { LeverValues, PieceType } from '@drubo/core/vocabulary';
import { familyTone } from '../theme/family-tone';
import { usePalette } from '../theme/use-palette';
import { Arms, BodyBehind, BodyFront } from './Body';
import { boundsOf } from './bounds';
import { Carried } from './Carried';
import { isUsuallyLoaded } from './held';
import { Room } from './Room';
import { figuresWords } from '@drubo/words/screens/figures';

const words = figuresWords.figure;

interface Props {
  variation: Variation;
  /** 0 tall, 1 low. */
  depth: number;
  width: number;
  height: number;
  /** What is held; null for empty hands, the variation's usual weight where nothing is said. */
  held?: PieceType | null | undefined;
  /** Set-up that differs from the usual: heels raised, a longer stride … */
  values?: LeverValues;
  /** A body's own proportions. */
  segments?: Segments;
  /** A body at a depth of the posture model: the low end is where that body stands there. */
  moment?: ModelMoment | undefined;
  /** Without the floor line, where something else is stood on. */
  bare?: boolean;
}

const USUAL: LeverValues = {};

/**
 * The chalk-line figure of a variation in one position. The frame holds the whole movement, so feet and floor stay
 * where they are while it moves.
 */
export const Figure = memo(({ variation, depth, width, height, held, values = USUAL, segments, moment, bare = false }: Props) => {
  const palette = usePalette();
  const figure = useMemo(() => makeFigure(variation.figure, values, segments, moment), [variation, values, segments, moment]);
  const box = useMemo(() => boundsOf(figure), [figure]);
  const skeleton = skeletonAt(figure, depth);
  const scale = Math.min(width / (box.maxX - box.minX), height / (box.maxY - box.minY));
  const left = (width - (box.maxX - box.minX) * scale) / 2;
  const at = ({ x, y }: Point) => ({ x: left + (x - box.minX) * scale, y: height - (y - box.minY) * scale });
  const thick = Math.max(2.2, scale * 0.032);
  const drawing = { at, scale, thick };
  const tint = palette[familyTone(variation.family)];
  const floorY = at({ x: 0, y: 0 }).y + thick * 0.7;
  const position = values['load-position'];
  const isUsual = position === undefined ? isUsuallyLoaded(variation) : position !== 'none';
  const isHolding = held === undefined ? isUsual : held !== null;
  return (
    <Svg
      width={width}
      height={height}
      viewBox={`0 0 ${width} ${height}`}
      role="img"
      aria-label={words.view(variation.name, figure.view)}
    >
      {!bare && (
        <Line x1={4} x2={width - 4} y1={floorY} y2={floorY} stroke={palette.edge} strokeWidth={1.2} strokeDasharray="2 4" />
      )}
      <Room props={figure.props ?? []} skeleton={skeleton} drawing={drawing} tint={tint} />
      <BodyBehind skeleton={skeleton} drawing={drawing} />
      <BodyFront skeleton={skeleton} drawing={drawing} />
      {figure.implement && isHolding && (
        <Carried implement={figure.implement} piece={held ?? undefined} skeleton={skeleton} drawing={drawing} color={tint} />
      )}
      <Arms skeleton={skeleton} drawing={drawing} />
    </Svg>
  );
});
Figure.displayName = words.figure;
