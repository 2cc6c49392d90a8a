import { StyleSheet, View } from 'react-native';
import { SPACE } from '../theme/tokens';
import { Txt } from '../ui/Txt';
import { figuresWords } from '@drubo/words/screens/figures';

const words = figuresWords.timedReadout;

/** Heights below which the seconds stand beside the word, smaller. */
const TIGHT_BELOW = 106;

/** What a timed set asks for: its seconds, and to hold or to go on; nobody counts reps or phases of it. */
export const TimedReadout = ({ seconds, isHold, height }: { seconds: number; isHold: boolean; height: number }) => {
  const isTight = height < TIGHT_BELOW;
  return (
    <View style={isTight ? styles.inLine : styles.stacked} role="img" aria-label={words.s(seconds, isHold)}>
      <Txt kind="number">{words.sWithSeconds(seconds)}</Txt>
      <Txt kind={isTight ? 'label' : 'number'} tone="moss">
        {isHold ? words.hold : words.goOn}
      </Txt>
    </View>
  );
};

const styles = StyleSheet.create({
  stacked: { alignItems: 'flex-end' },
  inLine: { flexDirection: 'row', alignItems: 'baseline', gap: SPACE.s },
});
