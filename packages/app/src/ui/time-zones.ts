import { searchable } from '@drubo/core/vocabulary';

/** Every zone this device knows, after the one in use, whose name may be an older one that no device lists. */
export const timeZones = (inUse: string): string[] => [
  inUse,
  ...Intl.supportedValuesOf('timeZone').filter((zone) => zone !== inUse),
];

const plain = (text: string): string => searchable(text).replace(/[_/]/g, ' ');

/** Zones whose name holds every word that was typed, in any order: 'new york', 'oslo', 'Europe/Ma'. */
export const findTimeZones = (zones: readonly string[], typed: string): string[] => {
  const words = plain(typed).split(' ').filter(Boolean);
  return zones.filter((zone) => words.every((word) => plain(zone).includes(word)));
};
