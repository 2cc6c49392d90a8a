import { useEffect, useRef } from 'react';
import type { View } from 'react-native';

const FOCUSABLE = 'button, [href], input, textarea, select, [tabindex]:not([tabindex="-1"])';

const focusableIn = (dialog: HTMLElement): HTMLElement[] =>
  [...dialog.querySelectorAll<HTMLElement>(FOCUSABLE)].filter((element) => element.getAttribute('aria-disabled') !== 'true');

/**
 * Keyboard manners of a dialog: it takes the focus when it opens and gives it back when it closes, Tab stays inside, and
 * Escape closes it. Gives the ref for the dialog's root.
 */
export const useDialogFocus = (onClose: () => void) => {
  const root = useRef<View>(null);
  const close = useRef(onClose);
  useEffect(() => {
    close.current = onClose;
  });
  useEffect(() => {
    // The web is the one target with a keyboard; elsewhere there is no document.
    if (typeof document === 'undefined') return;
    const dialog = root.current as unknown as HTMLElement | null;
    const before = document.activeElement;
    dialog?.focus();
    const onKey = (event: KeyboardEvent) => {
      if (event.key === 'Escape') {
        event.stopPropagation();
        close.current();
      }
      if (event.key !== 'Tab' || !dialog) return;
      const inside = focusableIn(dialog);
      const [first, last] = [inside[0], inside.at(-1)];
      const isOut = !dialog.contains(document.activeElement) || document.activeElement === dialog;
      const wrapsTo = event.shiftKey
        ? isOut || document.activeElement === first
          ? last
          : null
        : isOut || document.activeElement === last
          ? first
          : null;
      if (!wrapsTo) return;
      event.preventDefault();
      wrapsTo.focus();
    };
    document.addEventListener('keydown', onKey, true);
    return () => {
      document.removeEventListener('keydown', onKey, true);
      if (before instanceof HTMLElement) before.focus();
    };
  }, []);
  return root;
};
