import { useEffect, useMemo, useRef } from 'react';
import { PanResponder, StyleSheet, View } from 'react-native';
import { TARGET } from '../../theme/tokens';
import { usePalette } from '../../theme/use-palette';
import { Icon } from '../../ui/icons/Icon';

/**
 * A grip to drag a line by. It says how far it was dragged; where that is, the sheet knows. The buttons beside it do the
 * same, so screen readers pass it over.
 */
export const DragGrip = ({ onDrag, onDrop }: { onDrag(dy: number): void; onDrop(dy: number): void }) => {
  const palette = usePalette();
  // The gesture outlives the drawings it causes: it is made once and asks for the latest wishes.
  const latest = useRef({ onDrag, onDrop });
  useEffect(() => {
    latest.current = { onDrag, onDrop };
  });
  const pan = useMemo(
    () =>
      PanResponder.create({
        onStartShouldSetPanResponder: () => true,
        onMoveShouldSetPanResponder: () => true,
        onPanResponderTerminationRequest: () => false,
        onPanResponderMove: (_, { dy }) => latest.current.onDrag(dy),
        onPanResponderRelease: (_, { dy }) => latest.current.onDrop(dy),
        onPanResponderTerminate: () => latest.current.onDrop(0),
      }),
    [],
  );
  return (
    <View {...pan.panHandlers} aria-hidden testID="grip" style={styles.grip}>
      <Icon name="grip" color={palette.quiet} />
    </View>
  );
};

const styles = StyleSheet.create({
  // The browser must not scroll while a line is dragged.
  grip: {
    width: TARGET.usual,
    height: TARGET.usual,
    alignItems: 'center',
    justifyContent: 'center',
    cursor: 'pointer',
    ...({ touchAction: 'none', userSelect: 'none' } as object),
  },
});
