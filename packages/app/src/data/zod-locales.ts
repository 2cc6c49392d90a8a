/** The bundler puts this in place of Zod's fifty locales: only English is spoken here. */
export { default as en } from 'zod/v4/locales/en.js';
