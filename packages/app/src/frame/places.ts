import type { IconName } from '../ui/icons/Icon';

/** The four places, in the order of bar and rail. */
export const PLACES = [
  { href: '/', label: 'Floor', icon: 'floor' },
  { href: '/people', label: 'People', icon: 'people' },
  { href: '/moves', label: 'Moves', icon: 'moves' },
  { href: '/studio', label: 'Studio', icon: 'studio' },
] as const satisfies readonly { href: string; label: string; icon: IconName }[];

/** Whether a path lies in a place. A sheet or a review belongs to the floor. */
export const isInPlace = (path: string, href: string): boolean =>
  href === '/' ? path === '/' || /^\/(sheet|review|waiting|sessions|search)/.test(path) : path.startsWith(href);
