import { useRef } from 'react';
import { StyleSheet, View } from 'react-native';
import type { PointerEvent } from 'react-native';
import { TARGET } from '../theme/tokens';
import { usePalette } from '../theme/use-palette';
import { Icon } from './icons/Icon';

/** How far something was dragged, and where the finger is in the window, px. */
export interface Drag {
  dx: number;
  dy: number;
  x: number;
  y: number;
}
const NOWHERE: Drag = { dx: 0, dy: 0, x: -1, y: -1 };

/**
 * A grip to drag something by, with a finger or a mouse. It says how far it was dragged; where that is, the screen knows. The
 * buttons beside it do the same, so screen readers pass it over.
 */
export const DragGrip = ({ onDrag, onDrop }: { onDrag(by: Drag): void; onDrop(by: Drag): void }) => {
  const palette = usePalette();
  /** Where the finger came down; null: it is up. */
  const from = useRef<{ x: number; y: number } | null>(null);
  const down = ({ nativeEvent, currentTarget }: PointerEvent): void => {
    from.current = { x: nativeEvent.clientX, y: nativeEvent.clientY };
    // The line moves under the finger, which must not lose it. Web target only, like the rest.
    (currentTarget as unknown as Element).setPointerCapture(nativeEvent.pointerId);
  };
  const by = ({ nativeEvent }: PointerEvent, tell: (by: Drag) => void): void => {
    const { clientX: x, clientY: y } = nativeEvent;
    if (from.current !== null) tell({ dx: x - from.current.x, dy: y - from.current.y, x, y });
  };
  const end = (event: PointerEvent, tell: (by: Drag) => void): void => {
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
      onPointerCancel={(event) => end(event, () => onDrop(NOWHERE))}
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
