export { makeDemoBundle } from './make-bundle';
