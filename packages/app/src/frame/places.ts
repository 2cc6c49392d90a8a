import { frameWords } from '@drubo/words/screens/frame';
import type { IconName } from '../ui/icons/Icon';

const words = frameWords.usePlaceKeys;

/** The four places, in the order of bar and rail. */
export const PLACES = [
  { href: '/', label: words.floor, icon: 'floor' },
  { href: '/people', label: words.people, icon: 'people' },
  { href: '/moves', label: words.moves, icon: 'moves' },
  { href: '/studio', label: words.studio, icon: 'studio' },
] as const satisfies readonly { href: string; label: string; icon: IconName }[];

/** Whether a path lies in a place. A sheet or a review belongs to the floor. */
export const isInPlace = (path: string, href: string): boolean =>
  href === '/' ? path === '/' || /^\/(sheet|review|waiting|sessions|search)/.test(path) : path.startsWith(href);
