/** The locale whose formats numbers, dates and plurals take. */
export const LOCALE = 'en-GB';
