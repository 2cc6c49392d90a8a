import { useHotkeys } from 'react-hotkeys-hook';
import { readLetterKeys } from '../data/letter-keys';
import { uiWords } from '@drubo/words/screens/ui';

const words = uiWords.useKeys;

/** What keys do, by the key as it is produced, with `mod·`, `alt·` or `shift·` before it: '?', 'enter', 'alt·arrowup', 'space'. */
type Acts = Readonly<Record<string, () => void>>;

interface Keys {
  acts?: Acts;
  /** Single letters, digits and signs: these can be switched off. WCAG 2.1.4. */
  letters?: Acts;
  isOn?: boolean;
  /** Whether the key belongs to what has the focus. Text fields and dialogs always keep theirs. */
  isElsewhere?(target: HTMLElement, key: string): boolean;
}

const isTyping = (target: HTMLElement): boolean =>
  target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName);

/** Where a sign stands on the keys differs from keyboard to keyboard: with shift here, without it there. */
const asTyped = (key: string): string[] => (/^[^a-z0-9]$/.test(key) ? [key, words.shift(key)] : [key]);

const plain = (hotkey: string): string => hotkey.replace(/^shift·(?=[^a-z0-9]$)/, '');

/** Listens while it is on. What a key does, a button does too. */
export const useKeys = ({ acts = {}, letters = {}, isOn = true, isElsewhere }: Keys): void => {
  const all: Acts = { ...acts, ...letters };
  const options = {
    // Only the web has keys; elsewhere there is no document to listen to.
    enabled: isOn && typeof document !== 'undefined',
    delimiter: ' ',
    splitKey: '·',
    preventDefault: true,
    enableOnFormTags: true,
    ignoreEventWhen: ({ target, key }: KeyboardEvent) => {
      if (document.querySelector('[role=dialog]')) return true;
      if (key.toLowerCase() in letters && !readLetterKeys()) return true;
      return target instanceof HTMLElement && (isTyping(target) || isElsewhere?.(target, key) === true);
    },
  };
  const produced = Object.keys(all).filter((key) => key !== 'space');
  useHotkeys(produced.flatMap(asTyped), (_, { hotkey }) => all[plain(hotkey)]?.(), { ...options, useKey: true });
  useHotkeys('space', () => all['space']?.(), { ...options, enabled: options.enabled && 'space' in all });
};
