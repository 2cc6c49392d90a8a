import { StyleSheet } from 'react-native';
import { RADIUS, SPACE } from '../../theme/tokens';
import { usePalette } from '../../theme/use-palette';
import { Button } from '../../ui/Button';
import { Row } from '../../ui/layout';
import { Txt } from '../../ui/Txt';
import { liveWords } from '@drubo/words/screens/live';

const words = liveWords.checkInStrip;

/** Before the first set: how are they today? Passing it over is fine. */
export const CheckInStrip = ({ onCheck, onSkip }: { onCheck(): void; onSkip(): void }) => {
  const palette = usePalette();
  return (
    <Row gap="xs" style={[styles.strip, { borderColor: palette.moss, backgroundColor: palette.mossTint }]}>
      <Txt style={styles.grow}>{words.howAreTheyToday}</Txt>
      <Button look="quiet" label={words.skip} says={words.skipTheCheckIn} onPress={onSkip} />
      <Button label={words.checkIn} onPress={onCheck} />
    </Row>
  );
};

const styles = StyleSheet.create({
  strip: { borderWidth: 1, borderRadius: RADIUS, paddingLeft: SPACE.m, paddingRight: SPACE.xs, paddingVertical: SPACE.xs },
  grow: { flexGrow: 1, flexShrink: 1 },
});
