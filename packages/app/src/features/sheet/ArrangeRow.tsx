import type { ItemId } from '@drubo/core/vocabulary';
import { StyleSheet, View } from 'react-native';
import { moveItem, pairWithNext, removeItem, unpair } from '@drubo/core/composing';
import { withArrangement } from '@drubo/core/sheet-editing';
import type { DraftItem, DraftSheet } from '@drubo/core/sheet-editing';
import { Button } from '../../ui/Button';
import { IconButton } from '../../ui/IconButton';
import { Row } from '../../ui/layout';
import { DragGrip } from '../../ui/DragGrip';
import { sheetWords } from '@drubo/words/screens/sheet';

const words = sheetWords.arrangeRow;

/** Moving one line: up, down, by its grip, in turn with the next, off. */
export const ArrangeRow = ({
  itemId,
  name,
  content,
  onChange,
  onDrag,
  onDrop,
}: {
  itemId: ItemId;
  name: string;
  content: DraftSheet;
  onChange(next: DraftSheet, said: string): void;
  onDrag(dy: number): void;
  onDrop(dy: number): void;
}) => {
  const up = moveItem<DraftItem>(content, itemId, -1);
  const down = moveItem<DraftItem>(content, itemId, 1);
  const block = content.blocks.find(({ id }) => id === content.items.find((item) => item.id === itemId)?.blockId);
  const inTurn = block?.kind === 'rounds';
  const paired = inTurn ? null : pairWithNext<DraftItem>(content, itemId);
  const to = (next: Parameters<typeof withArrangement>[1] | null, said: string) => () => {
    if (next) onChange(withArrangement(content, next), said);
  };
  return (
    <Row gap="xs">
      <DragGrip onDrag={({ dy }) => onDrag(dy)} onDrop={({ dy }) => onDrop(dy)} />
      <IconButton framed icon="up" says={words.up(name)} disabled={!up} onPress={to(up, words.movedUp(name))} />
      <IconButton framed icon="down" says={words.down(name)} disabled={!down} onPress={to(down, words.movedDown(name))} />
      <View style={styles.grow}>
        {inTurn ? (
          <Button
            label={words.byItself}
            says={words.byItselfWithName(name)}
            onPress={to(unpair<DraftItem>(content, itemId), words.goesByItself(name))}
          />
        ) : (
          <Button
            label={words.withNext}
            says={words.inTurnWithThe(name)}
            disabled={!paired}
            onPress={to(paired, words.goesInTurnWith(name))}
          />
        )}
      </View>
      <IconButton
        framed
        icon="close"
        says={words.takeItOff(name)}
        onPress={to(removeItem<DraftItem>(content, itemId), words.isOffTheSheet(name))}
      />
    </Row>
  );
};

const styles = StyleSheet.create({
  grow: { flexGrow: 1 },
});
