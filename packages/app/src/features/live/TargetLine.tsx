import { StyleSheet, View } from 'react-native';
import type { SetRecordDto } from '@drubo/contracts';
import type { SetSlot } from '@drubo/core';
import { formatLoad, formatReps, SIDE_LABELS } from '@drubo/core/explain';
import { isPerSide } from '@drubo/core/vocabulary';
import { SPACE } from '../../theme/tokens';
import { FamilyGlyph } from '../../ui/FamilyGlyph';
import { Heading, Txt } from '../../ui/Txt';
import { WhyDot } from '../../ui/Why';
import type { Exercise } from './progress';

/** What is asked of this set: which one, which leg, reps, load, reserve, and why that load. */
export const TargetLine = ({
  exercise,
  slot,
  amended,
}: {
  exercise: Exercise;
  slot: SetSlot | undefined;
  amended: SetRecordDto | null;
}) => {
  const { item, variation } = exercise;
  const { dose } = item;
  const setCount = Math.max(...exercise.rows.map((row) => row.slot.setIndex)) + 1;
  const where = slot
    ? `${amended ? 'Change set' : 'Set'} ${slot.setIndex + 1} of ${setCount}${slot.side === 'both' ? '' : ` · ${SIDE_LABELS[slot.side]}`}`
    : 'All sets logged';
  return (
    <View style={styles.row}>
      <View style={styles.text}>
        <View style={styles.name}>
          <FamilyGlyph family={variation.family} />
          <Heading level={2} style={styles.shrink} numberOfLines={1}>
            {variation.name}
          </Heading>
        </View>
        <Txt kind="label" tone={amended ? 'saffron' : 'moss'}>
          {where}
        </Txt>
        <Txt kind="label">
          {formatReps(dose)} reps{isPerSide(variation.stance) ? ' a side' : ''} · {formatLoad(dose.load)} · {dose.reserve} in
          reserve
        </Txt>
      </View>
      <WhyDot about={`${variation.name}, load`} reasons={item.why.load} />
    </View>
  );
};

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', gap: SPACE.s },
  text: { flexGrow: 1, flexShrink: 1, flexBasis: 0 },
  name: { flexDirection: 'row', alignItems: 'center', gap: SPACE.s },
  shrink: { flexShrink: 1 },
});
