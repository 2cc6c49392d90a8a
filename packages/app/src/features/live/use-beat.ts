import { useCallback, useRef } from 'react';
import type { TempoMoment } from '@drubo/core';
import { buzz, tick } from './ticks';

/** Sounds and shakes as the pacer moves: a note when a phase begins, a click for every second in it. */
export const useBeat = (): ((moment: TempoMoment) => void) => {
  const last = useRef('');
  return useCallback(({ rep, phase, second }: TempoMoment) => {
    const at = `${rep}-${phase}-${second}`;
    if (at === last.current) return;
    last.current = at;
    const begins = second === 1;
    tick(begins ? phase : 'second');
    if (begins) buzz('phase');
  }, []);
};
