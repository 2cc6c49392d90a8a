import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { believable, slowDown, tempoKept, tempoMeasured } from '@drubo/core/sensing';
import type { SensedRep } from '@drubo/core/sensing';
import type { SensedAsk, RepSensor } from '../../data/devices/rep-sensor';
import { readSetting, writeSetting } from '../../data/settings';

const PAIRED = 'rep-sensor';

/** Whether this device was paired with the sensor; remembered. */
export const isPaired = (): boolean => readSetting(PAIRED) === 'on';
export const keepPaired = (isOn: boolean): void => writeSetting(PAIRED, isOn ? 'on' : null);

/** What the sensor tells of the set at hand. */
export interface Sensed {
  /** `lost`: contact is gone, count on by hand. */
  state: 'idle' | 'listening' | 'lost' | 'done';
  /** Reps as the sensor counts, those it missed among them. */
  reps: number;
  /** Share that kept the tempo, 0–1. */
  kept: number | null;
  /** How much slower the last was than the quickest, 0–1. */
  slowing: number | null;
  measured: readonly number[] | null;
  doubted: number;
  start(ask: SensedAsk): void;
  stop(): void;
}

/** Listens to one set, and adds up what can be believed. Another row is another use of it. */
export const useSensor = (sensor: RepSensor, tempo: SensedAsk['tempo']): Sensed => {
  const [state, setState] = useState<Sensed['state']>('idle');
  const [told, setTold] = useState<readonly SensedRep[]>([]);
  const close = useRef<(() => void) | null>(null);
  const leave = useCallback(() => {
    close.current?.();
    close.current = null;
  }, []);
  useEffect(() => leave, [leave]);
  const start = (ask: SensedAsk) => {
    leave();
    setTold([]);
    setState('listening');
    close.current = sensor(
      ask,
      (event) => {
        if (event.kind === 'rep') setTold((before) => [...before, event.rep]);
        else setState(event.kind === 'end' ? 'done' : event.kind === 'lost' ? 'lost' : 'listening');
      },
      (isAway) => isAway && setState((before) => (before === 'done' ? before : 'lost')),
    );
  };
  const stop = () => {
    leave();
    setState('done');
  };
  const summed = useMemo(() => {
    const { reps, doubted } = believable(told);
    return {
      reps: reps.at(-1)?.index ?? 0,
      kept: tempoKept(tempo, reps),
      slowing: slowDown(reps),
      measured: tempoMeasured(reps),
      doubted,
    };
  }, [told, tempo]);
  return { ...summed, state, start, stop };
};
