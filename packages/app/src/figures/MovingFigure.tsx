import { useEffect, useState } from 'react';
import type { ReactNode } from 'react';
import type { TempoMoment } from '@drubo/core';
import { heldDepth } from '@drubo/core/catalogue';
import type { Variation } from '@drubo/core/catalogue';
import type { LeverValues, PieceType, Tempo } from '@drubo/core/vocabulary';
import { IconButton } from '../ui/IconButton';
import { Row, Stack } from '../ui/layout';
import { SPACE } from '../theme/tokens';
import { Figure } from './Figure';
import { TempoReadout } from './TempoReadout';
import { TimedReadout } from './TimedReadout';
import { usePacer } from './use-pacer';
import { useReducedMotion } from './use-reduced-motion';
import { figuresWords } from '@drubo/words/screens/figures';

const words = figuresWords.movingFigure;

/** Heights below which the count gives way to the figure. */
const COMPACT_BELOW = 190;
const TIGHT_BELOW = 172;
const LEAST_BELOW = 106;

interface Props {
  variation: Variation;
  tempo: Tempo;
  /** Planned reps, shown beside the running count; null where none are planned. */
  reps: number | null;
  /** Seconds of a timed set, which has no phases to count: a hold stands still in its held end. */
  seconds?: number | undefined;
  width: number;
  height: number;
  /** What is held: a dumbbell or a bell, or nothing; the usual where nothing is said. */
  held?: PieceType | null;
  /** Settings that differ from the usual. */
  values?: LeverValues;
  /** Told when the count begins again at rep one: a set begins. */
  onCount?: () => void;
  /** Told where the pacer stands, with every drawing: for sound. */
  onMoment?: (moment: TempoMoment) => void;
  /** More controls beside pause and restart. */
  beside?: ReactNode;
}

/**
 * The figure moving at the set's tempo, with the count. It can be paused and begun again at rep one; where less
 * motion is asked for, the figure stands in its low end and only words and bar count.
 */
export const MovingFigure = ({
  variation,
  tempo,
  reps,
  seconds,
  width,
  height,
  held,
  values,
  onCount,
  onMoment,
  beside,
}: Props) => {
  const [isRunning, setRunning] = useState(true);
  const isReduced = useReducedMotion();
  const still = heldDepth(variation);
  const isTimed = seconds !== undefined;
  const { moment, restart } = usePacer(tempo, variation.startsAt, isRunning && still === null);
  useEffect(() => {
    if (isRunning && !isTimed && still === null) onMoment?.(moment);
  }, [isRunning, isTimed, still, moment, onMoment]);
  const begin = () => {
    restart();
    setRunning(true);
    onCount?.();
  };
  const readoutWidth = 128;
  return (
    <Row style={{ height }}>
      <Figure
        variation={variation}
        depth={still ?? (isReduced ? 1 : moment.depth)}
        width={width - readoutWidth}
        height={height - SPACE.s}
        {...(held === undefined ? {} : { held })}
        {...(values ? { values } : {})}
      />
      <Stack gap="xs" align="end" style={{ width: readoutWidth }}>
        {still === null && !isTimed ? (
          <TempoReadout
            tempo={tempo}
            moment={moment}
            reps={reps}
            size={height < LEAST_BELOW ? 'least' : height < TIGHT_BELOW ? 'tight' : height < COMPACT_BELOW ? 'compact' : 'full'}
          />
        ) : (
          <TimedReadout seconds={seconds ?? variation.seconds?.low ?? 0} isHold={still !== null} height={height} />
        )}
        <Row align="stretch">
          {beside}
          {!isTimed && still === null && <IconButton icon="restart" says={words.countFromRep1} onPress={begin} />}
          {still === null && (
            <IconButton
              icon={isRunning ? 'pause' : 'play'}
              says={isRunning ? words.pauseTheFigure : words.moveTheFigure}
              onPress={() => setRunning(!isRunning)}
            />
          )}
        </Row>
      </Stack>
    </Row>
  );
};
