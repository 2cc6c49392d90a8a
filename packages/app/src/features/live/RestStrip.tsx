import { useEffect, useRef } from 'react';
import { StyleSheet, View } from 'react-native';
import { formatRest } from '@drubo/words/explain';
import { RADIUS, SPACE } from '../../theme/tokens';
import { usePalette } from '../../theme/use-palette';
import { Button } from '../../ui/Button';
import { Row } from '../../ui/layout';
import { Txt } from '../../ui/Txt';
import type { SetRecordDto } from '@drubo/contracts';
import { restsFrom } from '@drubo/core';
import type { Reason } from '@drubo/core/vocabulary';
import { IconButton } from '../../ui/IconButton';
import { WhyDot } from '../../ui/Why';
import { buzz, tick } from './ticks';
import { useNow } from './use-now';
import { liveWords } from '@drubo/words/screens/live';

const words = liveWords.restStrip;

/** Rest running down after a set, with a way to cut it short and to take the set back. */
export const RestStrip = ({
  set,
  restSeconds,
  what,
  reasons,
  onMore,
  onSkip,
  onUndo,
}: {
  /** The set it is counted from. */
  set: Pick<SetRecordDto, 'loggedAt' | 'receivedAt'>;
  restSeconds: number;
  /** What was just logged, in words. */
  what: string;
  /** Why it is longer than planned; none where it is not. */
  reasons: readonly Reason[];
  onMore(): void;
  onSkip(): void;
  onUndo(): void;
}) => {
  const palette = usePalette();
  const now = useNow();
  const passed = Math.max(0, (now - Date.parse(restsFrom(set, now))) / 1000);
  const left = restSeconds - passed;
  const isRested = left <= 0;
  const wasRested = useRef(isRested);
  useEffect(() => {
    // Told once, when it runs out while somebody is looking at this rest.
    if (isRested && !wasRested.current) {
      tick('end');
      buzz('end');
    }
    wasRested.current = isRested;
  }, [isRested]);
  return (
    <Row style={[styles.strip, { backgroundColor: palette.card, borderColor: isRested ? palette.moss : palette.hairline }]}>
      <View style={styles.text}>
        <Row gap="s" align="baseline" role="timer" aria-label={isRested ? words.rested : words.restMinLeft(formatRest(left))}>
          <Txt kind="number" tone={isRested ? 'moss' : 'ink'} numberOfLines={1} style={styles.whole}>
            {isRested ? words.rested : words.rest(formatRest(Math.ceil(left)))}
          </Txt>
          <Txt kind="small" tone="quiet" numberOfLines={1} style={styles.shrink}>
            {reasons.length > 0 ? '' : isRested ? words.since(formatRest(passed)) : words.of(formatRest(restSeconds))}
          </Txt>
        </Row>
        <Txt kind="small" tone="quiet" numberOfLines={reasons.length > 0 ? 2 : 1} aria-live="polite">
          {what}
        </Txt>
        <View aria-hidden style={[styles.track, { backgroundColor: palette.hairline }]}>
          <View
            style={[
              styles.fill,
              { backgroundColor: palette.moss, width: `${Math.min(1, passed / Math.max(1, restSeconds)) * 100}%` },
            ]}
          />
        </View>
      </View>
      {reasons.length > 0 && <WhyDot about="rest" reasons={reasons} label={words.why} />}
      <IconButton icon="undo" says={words.undoTheLastSet} onPress={onUndo} />
      <Button look="quiet" label={words.n30S} says={words.rest30SLonger} onPress={onMore} />
      <Button
        look="quiet"
        label={isRested ? words.hide : words.skip}
        says={isRested ? words.hideTheRest : words.skipTheRest}
        onPress={onSkip}
      />
    </Row>
  );
};

const styles = StyleSheet.create({
  strip: { borderWidth: 1, borderRadius: RADIUS, paddingLeft: SPACE.m },
  text: { flexGrow: 1, flexShrink: 1, flexBasis: 0, gap: 2, paddingVertical: SPACE.xs },
  whole: { flexShrink: 0 },
  shrink: { flexShrink: 1 },
  track: { height: 4, borderRadius: 2 },
  fill: { height: 4, borderRadius: 2 },
});
