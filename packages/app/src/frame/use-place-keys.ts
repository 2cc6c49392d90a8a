import { useRouter } from 'expo-router';
import { useEffect } from 'react';
import { readLetterKeys } from '../data/letter-keys';

/** Keys that lead to places, on wide screens and with a keyboard; every one has a button that does the same. */
export const PLACE_KEYS: readonly (readonly [string, string])[] = [
  ['/', 'Search'],
  ['f', 'Floor'],
  ['p', 'People'],
  ['m', 'Moves'],
  ['s', 'Studio'],
  ['n', 'Somebody new'],
  ['?', 'This list'],
];

const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement && (target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName));

/** Listens while the shell is shown; not inside text fields and dialogs, and not for letters where they are switched off. */
export const usePlaceKeys = (isOn: boolean, showList: () => void): void => {
  const router = useRouter();
  useEffect(() => {
    if (!isOn) return;
    const onKey = (event: KeyboardEvent): void => {
      const { key, ctrlKey, metaKey, altKey } = event;
      if (ctrlKey || metaKey || altKey || isTyping(event.target) || document.querySelector('[role=dialog]')) return;
      if (!readLetterKeys()) return;
      const to = { '/': '/search', f: '/', p: '/people', m: '/moves', s: '/studio', n: '/people/new' }[key] as
        '/search' | '/' | '/people' | '/moves' | '/studio' | '/people/new' | undefined;
      if (!to && key !== '?') return;
      event.preventDefault();
      if (to) router.push(to);
      else showList();
    };
    document.addEventListener('keydown', onKey);
    return () => document.removeEventListener('keydown', onKey);
  }, [isOn, router, showList]);
};
