import { createFocusTrap } from 'focus-trap';
import { useEffect, useRef } from 'react';
import type { View } from 'react-native';

/**
 * Keyboard manners of a dialog: it takes the focus when it opens and gives it back when it closes, Tab stays inside, and
 * Escape closes it; of two that are open, the upper one. Gives the ref for the dialog's root.
 */
export const useDialogFocus = (onClose: () => void) => {
  const root = useRef<View>(null);
  const close = useRef(onClose);
  useEffect(() => {
    close.current = onClose;
  });
  useEffect(() => {
    const dialog = root.current as unknown as HTMLElement | null;
    // The web is the one target with a keyboard; elsewhere there is no document.
    if (typeof document === 'undefined' || !dialog) return;
    const trap = createFocusTrap(dialog, {
      // A field that asks for the focus as it opens keeps it.
      initialFocus: () => (dialog.contains(document.activeElement) ? (document.activeElement as HTMLElement) : dialog),
      fallbackFocus: dialog,
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
  }, []);
  return root;
};
