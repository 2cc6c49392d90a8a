export { LIMIT_BANDS, limitOn } from './limit-on';
export type { LimitAnswer, PersonLimit } from './limit-on';
export { LIMIT_RULES } from './matrix';
export { PAIN_BANDS, painBand } from './pain';
export type { PainBand } from './pain';
export type { LimitRule, RestrictionId, Selector, UnlockId } from './types';
export { RESTRICTIONS, UNLOCKS } from './types';
export { answerTo, WARNING_LEVELS, WARNING_SIGNS } from './warning-signs';
export type { WarningAnswer, WarningLevel, WarningSign } from './warning-signs';
