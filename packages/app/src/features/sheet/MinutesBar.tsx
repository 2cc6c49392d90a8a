import { StyleSheet, View } from 'react-native';
import type { Reason } from '@drubo/core/vocabulary';
import { SPACE } from '../../theme/tokens';
import { usePalette } from '../../theme/use-palette';
import { Card } from '../../ui/Card';
import { Txt } from '../../ui/Txt';
import { WhyDot } from '../../ui/Why';

/** Minutes the sheet takes against the minutes there are. */
export const MinutesBar = ({ minutes, budget, why }: { minutes: number; budget: number; why: readonly Reason[] }) => {
  const palette = usePalette();
  const isOver = minutes > budget;
  const share = Math.min(1, minutes / budget);
  return (
    <Card>
      <View style={styles.row}>
        <Txt kind="number">{minutes}</Txt>
        <Txt style={styles.grow}>of {budget} min</Txt>
        <Txt kind="small" tone={isOver ? 'clay' : 'quiet'}>
          {isOver ? `${minutes - budget} min over: cut a set or a rest` : `${budget - minutes} min spare for warming up`}
        </Txt>
        <WhyDot about="minutes" reasons={why} />
      </View>
      <View aria-hidden style={[styles.track, { backgroundColor: palette.hairline }]}>
        <View style={[styles.fill, { width: `${share * 100}%`, backgroundColor: isOver ? palette.clay : palette.moss }]} />
      </View>
    </Card>
  );
};

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', gap: SPACE.xs, flexWrap: 'wrap' },
  grow: { flexGrow: 1 },
  track: { height: 8, borderRadius: 4 },
  fill: { height: 8, borderRadius: 4 },
});
