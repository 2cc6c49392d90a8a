import { useEffect, useRef, useState } from 'react';
import { StyleSheet } from 'react-native';
import { RADIUS, SPACE } from '../../theme/tokens';
import { usePalette } from '../../theme/use-palette';
import { Button } from '../../ui/Button';
import { Row } from '../../ui/layout';
import { Txt } from '../../ui/Txt';
import { buzz, tick } from './ticks';
import { liveWords } from '@drubo/words/screens/live';

const words = liveWords.countdown;

const LAST_SECONDS = 3;
const LOOK_MS = 200;

/** Counts a timed set down by the clock, so that a phone that slept still tells the true time; ends by itself. */
export const Countdown = ({
  seconds,
  isHold,
  onStart,
  onEnd,
}: {
  seconds: number;
  /** Held still, or work that moves. */
  isHold: boolean;
  /** The set begins: the rest before it is over. */
  onStart(): void;
  onEnd(held: number): void;
}) => {
  const palette = usePalette();
  const [startedAt, setStartedAt] = useState<number | null>(null);
  const [left, setLeft] = useState(seconds);
  const told = useRef(seconds);
  useEffect(() => {
    if (startedAt === null) return;
    const timer = setInterval(() => {
      const now = Math.max(0, seconds - (Date.now() - startedAt) / 1000);
      const whole = Math.ceil(now);
      setLeft(whole);
      if (whole < told.current && whole <= LAST_SECONDS) {
        tick(whole === 0 ? 'end' : 'count');
        if (whole === 0) buzz('end');
      }
      told.current = whole;
      if (now > 0) return;
      setStartedAt(null);
      onEnd(seconds);
    }, LOOK_MS);
    return () => clearInterval(timer);
  }, [startedAt, seconds, onEnd]);
  const isRunning = startedAt !== null;
  const start = () => {
    told.current = seconds;
    setLeft(seconds);
    setStartedAt(Date.now());
    onStart();
  };
  const stop = () => {
    const held = startedAt === null ? 0 : Math.min(seconds, Math.round((Date.now() - startedAt) / 1000));
    setStartedAt(null);
    onEnd(held);
  };
  return (
    <Row style={[styles.box, { borderColor: isRunning ? palette.moss : palette.hairline }]}>
      <Row
        role="timer"
        aria-label={isRunning ? words.sLeft(left) : words.s(seconds, isHold)}
        gap="s"
        align="baseline"
        style={styles.text}
      >
        <Txt kind="number" tone={isRunning ? 'moss' : 'ink'}>
          {words.sWithLeft(isRunning ? left : seconds)}
        </Txt>
        <Txt kind="small" tone="quiet">
          {isRunning ? words.left : isHold ? words.toHold : words.ofWork}
        </Txt>
      </Row>
      <Button
        size="live"
        look={isRunning ? 'danger' : 'plain'}
        icon={isRunning ? 'pause' : 'play'}
        label={isRunning ? words.stopHere : words.countDown}
        onPress={isRunning ? stop : start}
      />
    </Row>
  );
};

const styles = StyleSheet.create({
  box: { borderWidth: 1, borderRadius: RADIUS, paddingLeft: SPACE.m },
  text: { flexGrow: 1 },
});
