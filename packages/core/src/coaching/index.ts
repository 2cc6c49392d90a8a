export { adviseAfterSet, adviseFirstSet, firstSide } from './advise';
export { painAdvice } from './pain-advice';
export { restAfter } from './rest-after';
export { fitIntoTime } from './short-of-time';
export type { Remaining, TimePlan, TimeStep } from './short-of-time';
export { swapTo } from './swap';
export type { Swapped } from './swap';
export type { Advice, AdviceInput, NextSet } from './types';
