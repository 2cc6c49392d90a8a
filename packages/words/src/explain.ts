import type { BasisId, Reason, ReasonCode } from '@drubo/core/vocabulary';
import * as en from './en';
import type { WordingContext } from './en';
import { byLanguage } from './language';

export type { WordingContext, Referral, Changed, Movements, PlaceName, WrittenSheet } from './en';

const words = byLanguage({ en });

/** Labels and sentences of what core knows, in the language in use. */
export const {
  counted,
  formatAim,
  formatDose,
  formatLoad,
  formatMass,
  formatNumber,
  formatPieces,
  formatPieceTypes,
  formatReps,
  formatRest,
  formatSets,
  formatSide,
  BASIS_LABELS,
  CUE_KIND_LABELS,
  EMPHASIS_LABELS,
  ENDING_LABELS,
  FAMILY_LABELS,
  FAULT_LABELS,
  GOAL_LABELS,
  KIT_LABELS,
  LIMIT_LABELS,
  METHOD_LABELS,
  METHOD_WORDS,
  QUESTION_LABELS,
  SCHOOL_LABELS,
  POSITION_LABELS,
  PRESET_LABELS,
  SET_UP_STAGE_LABELS,
  SIDE_LABELS,
  STANCE_LABELS,
  TASK_LABELS,
  TRAINING_AGE_LABELS,
  VERDICT_LABELS,
  AGGRAVATOR_LABELS,
  BODY_SIDE_LABELS,
  CAUTION_LABELS,
  HEALTH_TOPIC_LABELS,
  PERSON_STATE_LABELS,
  RANGE_LABELS,
  READINESS_ASKS,
  READINESS_GROUP_TITLES,
  ROLE_LABELS,
  TASK_WORDS,
  daysAgoWords,
  LIFT_HOLD_WORDS,
  LIFT_SOURCE_LABELS,
  LIFT_SOURCE_WORDS,
  referralNote,
  INTENT_LABELS,
  ROLE_HEADINGS,
  STRETCH_HEADINGS,
  formatPlanDay,
  DAY_ROLE_LABELS,
  DAY_ROLE_SHORT,
  DAY_STATE_LABELS,
  DUE_LABELS,
  NEED_LABELS,
  WEEK_KIND_LABELS,
  SHAPE_LABELS,
  SHAPE_WORDS,
  SPLIT_LABELS,
  CAUSE_WORDS,
  ENERGY_LABELS,
  ILLNESS_LABELS,
  JOINT_LABELS,
  MORNING_LABELS,
  MUSCLE_LABELS,
  SET_KIND_LABELS,
  SLEEP_LABELS,
  formatChange,
  formatTurns,
  sheetText,
  inSentence,
} = words;

/** A reason in words, and where it comes from. */
export interface Explanation {
  code: ReasonCode;
  text: string;
  source: string;
}

/** The source a number rests on, in words. */
export const explainBasis = (basis: BasisId): string => words.BASIS_LABELS[basis];

/**
 * Turns a reason into a sentence and its source.
 * @example explain(reason('not-done', {}, 'house-default'), context).text
 */
export const explain = (given: Reason, context: WordingContext): Explanation => ({
  code: given.code,
  text: (words.WORDING[given.code] as (values: Reason['values'], context: WordingContext) => string)(given.values, context),
  source: explainBasis(given.basis),
});
