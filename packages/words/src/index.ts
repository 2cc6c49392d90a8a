export { LOCALE } from './locale';
