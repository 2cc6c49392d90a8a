import { useRouter } from 'expo-router';
import { useKeys } from '../ui/use-keys';
import { frameWords } from '@drubo/words/screens/frame';

const words = frameWords.usePlaceKeys;

/** Keys that lead to places, on wide screens and with a keyboard; every one has a button that does the same. */
export const PLACE_KEYS: readonly (readonly [string, string])[] = [
  ['/', words.search],
  ['f', words.floor],
  ['p', words.people],
  ['m', words.moves],
  ['s', words.studio],
  ['n', words.somebodyNew],
  ['?', words.thisList],
];

/** Listens while the shell is shown. */
export const usePlaceKeys = (isOn: boolean, showList: () => void): void => {
  const router = useRouter();
  useKeys({
    isOn,
    letters: {
      '/': () => router.push('/search'),
      f: () => router.push('/'),
      p: () => router.push('/people'),
      m: () => router.push('/moves'),
      s: () => router.push('/studio'),
      n: () => router.push('/people/new'),
      '?': showList,
    },
  });
};
