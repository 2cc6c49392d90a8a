import { useKeys } from '../../ui/use-keys';

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

/** Listens while the sheet is shown and may be edited. */
export const useSheetKeys = (keys: SheetKeys, isOn: boolean): void =>
  useKeys({
    isOn,
    acts: {
      'mod·z': keys.undo,
      'mod·shift·z': keys.redo,
      'mod·y': keys.redo,
      arrowup: () => keys.line(-1),
      arrowdown: () => keys.line(1),
      'alt·arrowup': () => keys.move(-1),
      'alt·arrowdown': () => keys.move(1),
    },
    letters: { e: keys.edit, w: keys.why, p: keys.pair, a: keys.add, delete: keys.remove },
  });
