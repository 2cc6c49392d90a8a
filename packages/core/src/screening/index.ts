export { readScreening } from './read';
export type { LadderStart, ScreeningResult, SuggestedLimit } from './read';
export { SCREENING_RULES } from './rule-list';
export { TASKS } from './tasks';
export type { ScreeningTask } from './tasks';
export type { Effect, Finding, ScreenedBody, ScreeningRule, Seen, SeenPain, SeenTask } from './types';
