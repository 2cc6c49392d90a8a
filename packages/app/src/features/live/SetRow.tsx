import { useEffect, useRef } from 'react';
import { ScrollView, StyleSheet } from 'react-native';
import type { SetSlot } from '@drubo/core';
import { SPACE, TARGET } from '../../theme/tokens';
import { Chip } from '../../ui/Chip';
import { IconButton } from '../../ui/IconButton';
import { setNameWithSide } from '../../parts/sheet/set-name';
import type { Exercise } from './floor';
import { liveWords } from '@drubo/words/screens/live';

const words = liveWords.setRow;

/** Before the number of a row that is no plain set. */
const KIND_LETTERS: Record<SetSlot['kind'], string> = words.kindLetters;
const sideLetter = words.sideLetters;

/** The rows of an exercise: what is logged shows its reps; tapping one goes back to it. */
export const SetRow = ({
  exercise,
  slot,
  onChoose,
  onAdd,
  onDrop,
}: {
  exercise: Exercise;
  slot: SetSlot | undefined;
  onChoose(slot: SetSlot | null): void;
  onAdd(): void;
  /** A drop right after the last set; null where there is none to hang it from. */
  onDrop: (() => void) | null;
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
        const name = setNameWithSide(row);
        const label = `${KIND_LETTERS[row.kind]}${row.setIndex + 1}${sideLetter[row.side]}`;
        return (
          <Chip
            key={`${row.kind}-${row.setIndex}-${row.side}`}
            label={set ? `${label} ✓ ${set.seconds === null ? (set.reps ?? '–') : words.s(set.seconds)}` : label}
            says={
              set
                ? words.loggedChangeIt(name, set.seconds === null ? words.reps(set.reps ?? words.unknown) : words.s(set.seconds))
                : words.notLogged(name)
            }
            chosen={isHere}
            onPress={() => onChoose(set || !isHere ? row : null)}
          />
        );
      })}
      {onDrop && <Chip label={words.drop} says={words.dropLighterAtOnce} chosen={false} onPress={onDrop} />}
      <IconButton icon="plus" says={words.oneMoreSet} onPress={onAdd} framed />
    </ScrollView>
  );
};

const styles = StyleSheet.create({
  scroll: { flexGrow: 0, flexShrink: 0 },
  row: { flexDirection: 'row', gap: SPACE.xs },
});
