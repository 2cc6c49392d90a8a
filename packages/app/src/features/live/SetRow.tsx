import { useEffect, useRef } from 'react';
import { ScrollView, StyleSheet } from 'react-native';
import type { SetSlot } from '@drubo/core';
import { SIDE_LABELS } from '@drubo/core/explain';
import { SPACE, TARGET } from '../../theme/tokens';
import { Chip } from '../../ui/Chip';
import { IconButton } from '../../ui/IconButton';
import type { Exercise } from './progress';
import { setName } from './set-name';

const sideLetter = { left: ' L', right: ' R', both: '' } as const;

/** The rows of an exercise: what is logged shows its reps; tapping one goes back to it. */
export const SetRow = ({
  exercise,
  slot,
  onChoose,
  onAdd,
}: {
  exercise: Exercise;
  slot: SetSlot | undefined;
  onChoose(slot: SetSlot | null): void;
  onAdd(): void;
}) => {
  const scroller = useRef<ScrollView>(null);
  const isAt = (row: SetSlot): boolean => row.kind === slot?.kind && row.setIndex === slot.setIndex && row.side === slot.side;
  const at = exercise.rows.findIndex(({ slot: row }) => isAt(row));
  // The row at hand stays in view, with the ones just before it.
  useEffect(() => scroller.current?.scrollTo({ x: Math.max(0, at - 2) * (TARGET.usual + SPACE.xs), animated: false }), [at]);
  return (
    <ScrollView
      ref={scroller}
      horizontal
      showsHorizontalScrollIndicator={false}
      contentContainerStyle={styles.row}
      style={styles.scroll}
    >
      {exercise.rows.map(({ slot: row, set }) => {
        const isHere = isAt(row);
        const name = `${setName(row)}${row.side === 'both' ? '' : `, ${SIDE_LABELS[row.side]}`}`;
        const label = `${row.kind === 'feeler' ? 'F' : ''}${row.setIndex + 1}${sideLetter[row.side]}`;
        return (
          <Chip
            key={`${row.kind}-${row.setIndex}-${row.side}`}
            label={set ? `${label} ✓ ${set.seconds === null ? (set.reps ?? '–') : `${set.seconds} s`}` : label}
            says={
              set
                ? `${name}: ${set.seconds === null ? `${set.reps ?? 'unknown'} reps` : `${set.seconds} s`} logged. Change it`
                : `${name}, not logged`
            }
            chosen={isHere}
            onPress={() => onChoose(set || !isHere ? row : null)}
          />
        );
      })}
      <IconButton icon="plus" says="One more set" onPress={onAdd} framed />
    </ScrollView>
  );
};

const styles = StyleSheet.create({
  scroll: { flexGrow: 0, flexShrink: 0 },
  row: { flexDirection: 'row', gap: SPACE.xs },
});
