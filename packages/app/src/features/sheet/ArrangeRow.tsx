import { StyleSheet, View } from 'react-native';
import { moveItem, pairWithNext, removeItem, unpair } from '@drubo/core/composing';
import { withArrangement } from '@drubo/core/sheet-editing';
import type { DraftItem, DraftSheet } from '@drubo/core/sheet-editing';
import { Button } from '../../ui/Button';
import { IconButton } from '../../ui/IconButton';
import { Row } from '../../ui/layout';
import { DragGrip } from './DragGrip';

/** Moving one line: up, down, by its grip, in turn with the next, off. */
export const ArrangeRow = ({
  itemId,
  name,
  content,
  onChange,
  onDrag,
  onDrop,
}: {
  itemId: string;
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
      <DragGrip onDrag={onDrag} onDrop={onDrop} />
      <IconButton framed icon="up" says={`${name}: up`} disabled={!up} onPress={to(up, `${name} moved up.`)} />
      <IconButton framed icon="down" says={`${name}: down`} disabled={!down} onPress={to(down, `${name} moved down.`)} />
      <View style={styles.grow}>
        {inTurn ? (
          <Button
            label="By itself"
            says={`${name}: by itself`}
            onPress={to(unpair<DraftItem>(content, itemId), `${name} goes by itself.`)}
          />
        ) : (
          <Button
            label="With next"
            says={`${name}: in turn with the next`}
            disabled={!paired}
            onPress={to(paired, `${name} goes in turn with the next.`)}
          />
        )}
      </View>
      <IconButton
        framed
        icon="close"
        says={`${name}: take it off`}
        onPress={to(removeItem<DraftItem>(content, itemId), `${name} is off the sheet.`)}
      />
    </Row>
  );
};

const styles = StyleSheet.create({
  grow: { flexGrow: 1 },
});
