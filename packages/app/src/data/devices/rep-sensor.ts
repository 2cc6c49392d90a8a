import { REP_SENSOR_PATH, sensorEvent } from '@drubo/contracts';
import type { SensorEventDto } from '@drubo/contracts';
import { formatTempo } from '@drubo/core';
import type { Tempo } from '@drubo/core/vocabulary';

/** What a set under the sensor is asked to be. */
export interface SensedAsk {
  tempo: Tempo;
  reps: number;
}

/** A sensor: begins listening to a set, and gives a way to stop. `onTrouble`: the connection itself went or came back. */
export type RepSensor = (
  ask: SensedAsk,
  onEvent: (event: SensorEventDto) => void,
  onTrouble: (isAway: boolean) => void,
) => () => void;

/** The simulated one that ships with the server. */
export const standInSensor: RepSensor = ({ tempo, reps }, onEvent, onTrouble) => {
  const query = new URLSearchParams({ tempo: formatTempo(tempo), reps: String(reps) });
  const pace = new URLSearchParams(globalThis.location.search).get('sensor-pace');
  if (pace) query.set('pace', pace);
  const source = new EventSource(`${REP_SENSOR_PATH}?${query}`);
  source.onopen = () => onTrouble(false);
  source.onmessage = ({ data }) => {
    const parsed = sensorEvent.safeParse(readJson(data));
    // What is no event at all is passed over; what is one and can't be true is counted by who listens.
    if (!parsed.success) return;
    onEvent(parsed.data);
    if (parsed.data.kind === 'end') source.close();
  };
  source.onerror = () => {
    onTrouble(true);
    // The browser would begin the set again from its first rep: the trainer counts on by hand instead.
    source.close();
  };
  return () => source.close();
};

const readJson = (data: unknown): unknown => {
  try {
    return JSON.parse(String(data));
  } catch {
    return null;
  }
};
