import { useEffect, useEffectEvent } from 'react';
import { StyleSheet } from 'react-native';
import { standInSensor } from '../../data/devices/rep-sensor';
import { RADIUS, SPACE } from '../../theme/tokens';
import { usePalette } from '../../theme/use-palette';
import { Button } from '../../ui/Button';
import { Row } from '../../ui/layout';
import { Txt } from '../../ui/Txt';
import { plannedReps } from '@drubo/core';
import { useSensor } from './use-sensor';
import type { Sensed } from './use-sensor';
import type { Live } from './use-live';
import type { Exercise } from './floor';
import { liveWords } from '@drubo/words/screens/live';

const words = liveWords.sensorStrip;

const percent = (share: number): string => `${Math.round(share * 100)} %`;

const wordsOf = ({ state, reps, kept, slowing, doubted }: Sensed): string => {
  if (state === 'idle') return words.repSensorPaired;
  const said = [
    words.repCount(reps),
    kept === null ? null : words.tempoKept(percent(kept)),
    slowing === null ? null : words.slowerThanTheQuickest(percent(Math.max(0, slowing))),
    doubted > 0 ? words.notBelieved(doubted) : null,
  ];
  return `${state === 'lost' ? words.noContactCountOn : ''}${said.filter(Boolean).join(' · ')}`;
};

/** What the rep sensor tells of this set: it fills the pad, and goes quiet without taking anything away. */
export const SensorStrip = ({ live, exercise }: { live: Pick<Live, 'asked' | 'change' | 'measure'>; exercise: Exercise }) => {
  const palette = usePalette();
  const { tempo } = exercise.item.dose;
  const sensed = useSensor(standInSensor, tempo);
  const { reps, measured, state } = sensed;
  const fillPad = useEffectEvent(() => {
    live.change({ reps });
    live.measure(measured);
  });
  // Only a new rep fills the pad: between reps the trainer's own correction stands.
  useEffect(() => {
    if (reps > 0) fillPad();
  }, [reps]);
  const isOn = state === 'listening' || state === 'lost';
  return (
    <Row style={[styles.strip, { borderColor: state === 'lost' ? palette.saffron : palette.hairline }]}>
      <Txt kind="small" style={styles.grow} tone={state === 'lost' ? 'saffron' : 'ink'} role="status" numberOfLines={2}>
        {wordsOf(sensed)}
      </Txt>
      <Button
        look="quiet"
        label={isOn ? words.stop : words.startSet}
        says={isOn ? words.stopTheRepSensor : words.startTheSetUnder}
        onPress={() =>
          isOn ? sensed.stop() : sensed.start({ tempo, reps: live.asked?.reps ?? plannedReps(exercise.item.dose) })
        }
      />
    </Row>
  );
};

const styles = StyleSheet.create({
  strip: { borderWidth: 1, borderRadius: RADIUS, paddingLeft: SPACE.m },
  grow: { flexGrow: 1, flexShrink: 1, flexBasis: 0 },
});
