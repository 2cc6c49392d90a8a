import { useState } from 'react';
import type { ViewStyle } from 'react-native';
import type { Drag } from '../../ui/DragGrip';
import { dayAt } from './day-at';

/** A day under the finger: where it is drawn meanwhile, and what its grip does. Dropped on another day it is moved there. */
export const useDayDrag = (
  on: number,
  onMove: (to: number) => void,
): { lifted: ViewStyle | null; grip: { onDrag(by: Drag): void; onDrop(by: Drag): void } } => {
  const [by, setBy] = useState<Pick<Drag, 'dx' | 'dy'> | null>(null);
  return {
    // What lies under it must be found, so it lets the finger through.
    lifted: by && { transform: [{ translateX: by.dx }, { translateY: by.dy }], opacity: 0.85, zIndex: 10, pointerEvents: 'none' },
    grip: {
      onDrag: setBy,
      onDrop: ({ x, y }) => {
        const to = dayAt(x, y);
        setBy(null);
        if (to !== null && to !== on) onMove(to);
      },
    },
  };
};
