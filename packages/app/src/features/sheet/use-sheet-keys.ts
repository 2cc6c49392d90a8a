import { useEffect } from 'react';
import { readLetterKeys } from '../../data/letter-keys';

/** What the keys of a sheet do, on wide screens and with a keyboard. Every one has a button that does the same. */
export interface SheetKeys {
  line(by: 1 | -1): void;
  edit(): void;
  why(): void;
  move(by: 1 | -1): void;
  pair(): void;
  remove(): void;
  add(): void;
  undo(): void;
  redo(): void;
}

const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (target.isContentEditable ||
    ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName) ||
    target.closest('[role=dialog]') !== null);

const actionOf = (
  { key, altKey, ctrlKey, metaKey, shiftKey }: KeyboardEvent,
  keys: SheetKeys,
  hasLetters: boolean,
): (() => void) | null => {
  const lower = key.toLowerCase();
  if (ctrlKey || metaKey) {
    if (lower === 'z') return shiftKey ? keys.redo : keys.undo;
    return lower === 'y' ? keys.redo : null;
  }
  if (key === 'ArrowUp') return () => (altKey ? keys.move(-1) : keys.line(-1));
  if (key === 'ArrowDown') return () => (altKey ? keys.move(1) : keys.line(1));
  if (altKey || !hasLetters) return null;
  return { e: keys.edit, w: keys.why, p: keys.pair, a: keys.add, delete: keys.remove }[lower] ?? null;
};

/** Listens while the sheet is shown and may be edited; not inside text fields and dialogs. */
export const useSheetKeys = (keys: SheetKeys, isOn: boolean): void => {
  useEffect(() => {
    if (!isOn) return;
    const onKey = (event: KeyboardEvent): void => {
      if (isTyping(event.target) || document.querySelector('[role=dialog]')) return;
      const act = actionOf(event, keys, readLetterKeys());
      if (!act) return;
      event.preventDefault();
      act();
    };
    document.addEventListener('keydown', onKey);
    return () => document.removeEventListener('keydown', onKey);
  }, [keys, isOn]);
};
