export { PAIN_BANDS, painBand } from './pain';
export type { PainBand } from './pain';
