import { createFocusTrap } from 'focus-trap';
import { useEffect, useRef, useState } from 'react';
import type { View } from 'react-native';

// The web is the one target with a keyboard; elsewhere there is no document.
const focused = (): Element | null => (typeof document === 'undefined' ? null : document.activeElement);

/**
 * Keyboard manners of a dialog: it takes the focus when it opens and gives it back when it closes, Tab stays inside, and
 * Escape closes it; of two that are open, the upper one. Gives the ref for the dialog's root.
 */
export const useDialogFocus = (onClose: () => void) => {
  const root = useRef<View>(null);
  // Before anything in it is drawn, since a field that asks for the focus has it before the trap is set.
  const [before] = useState(focused);
  const close = useRef(onClose);
  useEffect(() => {
    close.current = onClose;
  });
  useEffect(() => {
    const dialog = root.current as unknown as HTMLElement | null;
    if (typeof document === 'undefined' || !dialog) return;
    const trap = createFocusTrap(dialog, {
      // A field that asks for the focus as it opens keeps it.
      initialFocus: () => (dialog.contains(focused()) ? (focused() as HTMLElement) : dialog),
      fallbackFocus: dialog,
      setReturnFocus: (opened) => (before instanceof HTMLElement && !dialog.contains(before) ? before : opened),
      delayInitialFocus: false,
      delayReturnFocus: false,
      // What is shown beside it, such as a way to undo, can still be pressed.
      allowOutsideClick: true,
      escapeDeactivates: (event) => {
        event.stopPropagation();
        close.current();
        return false;
      },
    });
    trap.activate();
    return () => void trap.deactivate();
  }, [before]);
  return root;
};
