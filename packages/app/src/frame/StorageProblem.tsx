import { StyleSheet, View } from 'react-native';
import { useQueueProblem } from '../data/offline/QueueProvider';
import { SPACE } from '../theme/tokens';
import { usePalette } from '../theme/use-palette';
import { Txt } from '../ui/Txt';

/** Says that this device keeps nothing, so nothing may be logged on it. */
export const StorageProblem = () => {
  const palette = usePalette();
  const problem = useQueueProblem();
  if (problem === null) return null;
  return (
    <View role="alert" style={[styles.strip, { backgroundColor: palette.clayTint }]}>
      <Txt tone="clay">
        This browser keeps nothing on this device ({problem}), so nothing can be logged safely here. Leave the private window,
        free some space, or use another browser.
      </Txt>
    </View>
  );
};

const styles = StyleSheet.create({ strip: { paddingHorizontal: SPACE.l, paddingVertical: SPACE.s } });
