import type { Variation } from '../catalogue/types';
import type { Dose } from './types';

const BARS = new Set(['barbell', 'trap-bar', 'safety-bar', 'rack']);

/** Whether a movement is done with a bar. */
export const needsBar = ({ kit }: Pick<Variation, 'kit'>): boolean => kit.some((need) => need.every((item) => BARS.has(item)));

/** Whether an exercise was planned to go round: what follows it is the next station, not a rest. */
export const wentRound = ({ restSeconds }: Pick<Dose, 'restSeconds'>): boolean => restSeconds === 0;

/** Whether a movement may go round: nothing with a bar, and no jumps. Common practice. */
export const mayGoRound = (variation: Pick<Variation, 'kit' | 'family'>): boolean =>
  !needsBar(variation) && variation.family !== 'power';
