import { useKeys } from '../../ui/use-keys';

/** What the keys of the live screen do. Every one has a button that does the same. */
export interface LiveKeys {
  log(): void;
  reps(by: 1 | -1): void;
  reserve(value: number): void;
  rest(): void;
  fault(): void;
}

const RESERVES = [0, 1, 2, 3, 4, 5];

/** Enter and Space press what has the focus. */
const isPressed = (target: HTMLElement, key: string): boolean =>
  (key === 'Enter' || key === ' ') && target.closest('[role=button],[role=radio],[role=link],a,button') !== null;

/** Listens while the live screen is shown. */
export const useLiveKeys = (keys: LiveKeys): void => {
  const more = () => keys.reps(1);
  const fewer = () => keys.reps(-1);
  useKeys({
    acts: { enter: keys.log, space: keys.rest, '+': more, '=': more, '-': fewer, '−': fewer },
    letters: { ...Object.fromEntries(RESERVES.map((value) => [value, () => keys.reserve(value)])), x: keys.fault },
    isElsewhere: isPressed,
  });
};
