/** Clock and distance from UTC in a zone, as in '14:05 · GMT+1'. */
export const clockIn = (timeZone: string, now: Date): string =>
  new Intl.DateTimeFormat('en-GB', { timeZone, hour: '2-digit', minute: '2-digit', timeZoneName: 'shortOffset' })
    .formatToParts(now)
    .reduce(
      (text, { type, value }) =>
        type === 'hour' || type === 'minute' || (type === 'literal' && value === ':')
          ? text + value
          : type === 'timeZoneName'
            ? `${text} · ${value}`
            : text,
      '',
    );

/** Every zone this device knows, after the one in use, whose name may be an older one that no device lists. */
export const timeZones = (inUse: string): string[] => [
  inUse,
  ...Intl.supportedValuesOf('timeZone').filter((zone) => zone !== inUse),
];

const plain = (text: string): string =>
  text
    .normalize('NFD')
    .replace(/\p{Diacritic}/gu, '')
    .replace(/[_/]/g, ' ')
    .toLowerCase();

/** Zones whose name holds every word that was typed, in any order: 'new york', 'oslo', 'Europe/Ma'. */
export const findTimeZones = (zones: readonly string[], typed: string): string[] => {
  const words = plain(typed).split(' ').filter(Boolean);
  return zones.filter((zone) => words.every((word) => plain(zone).includes(word)));
};
