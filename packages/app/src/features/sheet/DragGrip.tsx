import { useRef } from 'react';
import { StyleSheet, View } from 'react-native';
import type { PointerEvent } from 'react-native';
import { TARGET } from '../../theme/tokens';
import { usePalette } from '../../theme/use-palette';
import { Icon } from '../../ui/icons/Icon';

/**
 * A grip to drag a line by, with a finger or a mouse. It says how far it was dragged; where that is, the sheet knows. The
 * buttons beside it do the same, so screen readers pass it over.
 */
export const DragGrip = ({ onDrag, onDrop }: { onDrag(dy: number): void; onDrop(dy: number): void }) => {
  const palette = usePalette();
  /** Where the finger came down; null: it is up. */
  const from = useRef<number | null>(null);
  const down = ({ nativeEvent, currentTarget }: PointerEvent): void => {
    from.current = nativeEvent.clientY;
    // The line moves under the finger, which must not lose it. Web target only, like the rest.
    (currentTarget as unknown as Element).setPointerCapture(nativeEvent.pointerId);
  };
  const by = ({ nativeEvent }: PointerEvent, tell: (dy: number) => void): void => {
    if (from.current !== null) tell(nativeEvent.clientY - from.current);
  };
  const end = (event: PointerEvent, tell: (dy: number) => void): void => {
    by(event, tell);
    from.current = null;
  };
  return (
    <View
      aria-hidden
      testID="grip"
      style={styles.grip}
      onPointerDown={down}
      onPointerMove={(event) => by(event, onDrag)}
      onPointerUp={(event) => end(event, onDrop)}
      onPointerCancel={(event) => end(event, () => onDrop(0))}
    >
      <Icon name="grip" color={palette.quiet} />
    </View>
  );
};

const styles = StyleSheet.create({
  grip: {
    width: TARGET.usual,
    height: TARGET.usual,
    alignItems: 'center',
    justifyContent: 'center',
    cursor: 'pointer',
    // The browser must neither scroll nor select while a line is dragged.
    ...({ touchAction: 'none', userSelect: 'none' } as object),
  },
});
