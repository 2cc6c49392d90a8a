import { madeUp } from './made-up';

/**
 * What Drubo can speak. English ships. The made-up one is English with other letters and about a third longer: whatever
 * stays in plain letters on a screen has its words outside this package, and what does not fit has no room for another tongue.
 */
const LANGUAGES = ['en', 'made-up'] as const;
type Language = (typeof LANGUAGES)[number];

/** Where a device keeps the language it speaks, if it is another than English. */
const KEPT_UNDER = 'drubo-language';

const isLanguage = (text: unknown): text is Language => LANGUAGES.some((language) => language === text);

/** The device's own store; there is none on a server, and some browsers lock it away. */
const kept = (): unknown => {
  try {
    return (globalThis as { localStorage?: { getItem: (key: string) => string | null } }).localStorage?.getItem(KEPT_UNDER);
  } catch {
    // Locked away: as if none were kept.
    return undefined;
  }
};

const isOfABrowser = 'document' in globalThis;
const asked = isOfABrowser ? kept() : undefined;

/** The language in use. It is fixed when the program starts. */
const LANGUAGE: Language = isLanguage(asked) ? asked : 'en';

/** The words of a room in the language in use. A tongue more is a folder more, of the same shape. */
export const byLanguage = <Words extends object>({ en }: { en: Words }): Words => (LANGUAGE === 'made-up' ? madeUp(en) : en);
