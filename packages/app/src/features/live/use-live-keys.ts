import { useEffect, useRef } from 'react';
import { readLetterKeys } from '../../data/letter-keys';

/** What the keys of the live screen do. Every one has a button that does the same. */
export interface LiveKeys {
  log(): void;
  reps(by: 1 | -1): void;
  reserve(value: number): void;
  rest(): void;
  fault(): void;
}

/** Keys belong to what has the focus while somebody types, presses a button or reads a dialog. */
const isElsewhere = (target: EventTarget | null, key: string): boolean => {
  if (document.querySelector('[role=dialog]')) return true;
  if (!(target instanceof HTMLElement)) return false;
  if (target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName)) return true;
  return (key === 'Enter' || key === ' ') && target.closest('[role=button],[role=radio],[role=link],a,button') !== null;
};

const actionOf = (key: string, keys: LiveKeys): (() => void) | null => {
  if (key === 'Enter') return keys.log;
  if (key === ' ') return keys.rest;
  if (key === '+' || key === '=') return () => keys.reps(1);
  if (key === '-' || key === '−') return () => keys.reps(-1);
  if (!readLetterKeys()) return null;
  if (/^[0-5]$/.test(key)) return () => keys.reserve(Number(key));
  return key.toLowerCase() === 'x' ? keys.fault : null;
};

/** Listens while the live screen is shown. */
export const useLiveKeys = (keys: LiveKeys): void => {
  const current = useRef(keys);
  useEffect(() => {
    current.current = keys;
  });
  useEffect(() => {
    if (typeof document === 'undefined') return;
    const onKey = (event: KeyboardEvent): void => {
      if (event.ctrlKey || event.metaKey || event.altKey || isElsewhere(event.target, event.key)) return;
      const act = actionOf(event.key, current.current);
      if (!act) return;
      event.preventDefault();
      act();
    };
    document.addEventListener('keydown', onKey);
    return () => document.removeEventListener('keydown', onKey);
  }, []);
};
