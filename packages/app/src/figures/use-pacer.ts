import { useEffect, useRef, useState } from 'react';
import { secondsPerRep, tempoAt } from '@drubo/core';
import type { TempoMoment } from '@drubo/core';
import type { Tempo } from '@drubo/core/vocabulary';
import { useReducedMotion } from './use-reduced-motion';

/** Drawings a second while moving; with reduced motion only the words and the bar change, once a second. */
const FRAMES_PER_SECOND = 24;

/** Where the figure stands in its tempo while it runs. Pausing holds it; starting again goes on from there. */
export const usePacer = (
  tempo: Tempo,
  startsAt: 'top' | 'bottom',
  isRunning: boolean,
): { moment: TempoMoment; restart(): void } => {
  const isReduced = useReducedMotion();
  const [seconds, setSeconds] = useState(0);
  const [run, setRun] = useState(0);
  const held = useRef(0);
  useEffect(() => {
    if (!isRunning || secondsPerRep(tempo) === 0) return;
    const startedAt = performance.now() - held.current * 1000;
    const timer = setInterval(
      () => {
        held.current = (performance.now() - startedAt) / 1000;
        setSeconds(held.current);
      },
      isReduced ? 1000 : 1000 / FRAMES_PER_SECOND,
    );
    return () => clearInterval(timer);
  }, [isRunning, isReduced, tempo, run]);
  return {
    moment: tempoAt(tempo, startsAt, seconds),
    restart: () => {
      held.current = 0;
      setSeconds(0);
      setRun((count) => count + 1);
    },
  };
};
