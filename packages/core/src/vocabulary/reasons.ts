import { COACH_REASONS } from './reason-codes/coach';
import type { CoachReasons } from './reason-codes/coach';
import { COMPOSE_REASONS } from './reason-codes/compose';
import type { ComposeReasons } from './reason-codes/compose';
import { HEALTH_REASONS } from './reason-codes/health';
import type { HealthReasons } from './reason-codes/health';
import { JUDGE_REASONS } from './reason-codes/judge';
import type { JudgeReasons } from './reason-codes/judge';
import { KNOWLEDGE_REASONS } from './reason-codes/knowledge';
import type { KnowledgeReasons } from './reason-codes/knowledge';
import { PLAN_REASONS } from './reason-codes/plan';
import type { PlanReasons } from './reason-codes/plan';
import { SCREENING_REASONS } from './reason-codes/screening';
import type { ScreeningReasons } from './reason-codes/screening';
import { SESSION_REASONS } from './reason-codes/session';
import type { SessionReasons } from './reason-codes/session';
import { STRENGTH_REASONS } from './reason-codes/strength';
import type { StrengthReasons } from './reason-codes/strength';
import { WEEK_REASONS } from './reason-codes/weeks';
import type { WeekReasons } from './reason-codes/weeks';

/**
 * Everything an engine may give as a reason: code → the values the sentence needs.
 * Codes are never reused or removed, because decisions store them. Wording lives in the words' package.
 */
export interface ReasonValues
  extends
    PlanReasons,
    JudgeReasons,
    CoachReasons,
    StrengthReasons,
    KnowledgeReasons,
    HealthReasons,
    ScreeningReasons,
    ComposeReasons,
    SessionReasons,
    WeekReasons {}

export type ReasonCode = keyof ReasonValues;

/** One step of an explanation: what rule, with which values, resting on which source. */
export type Reason = { [C in ReasonCode]: { code: C; values: ReasonValues[C]; basis: BasisId } }[ReasonCode];

/** Where a number comes from. Full citations stand in `docs/sources.md`. */
export const BASES = [
  'common-practice',
  'house-default',
  'acsm-2009',
  'nsca-essentials-4',
  'pain-monitoring-thomee',
  'winter-segments',
  'strength-model',
  'epley-1985',
  'brzycki-1993',
  'lander-1985',
  'lombardi-1989',
  'mayhew-1992',
  'oconner-1989',
  'wathan-1994',
  'weight-bearing-lunge-test',
  'session-rpe-foster',
  'velocity-loss',
  'trainer',
] as const;
export type BasisId = (typeof BASES)[number];

/** Builds a reason with its values checked against its code. */
export const reason = <C extends ReasonCode>(code: C, values: ReasonValues[C], basis: BasisId): Reason =>
  ({ code, values, basis }) as Extract<Reason, { code: C }>;

/** Every reason code, for the wire format and for registry tests. */
export const REASON_CODES = Object.keys({
  ...PLAN_REASONS,
  ...JUDGE_REASONS,
  ...COACH_REASONS,
  ...STRENGTH_REASONS,
  ...KNOWLEDGE_REASONS,
  ...HEALTH_REASONS,
  ...SCREENING_REASONS,
  ...COMPOSE_REASONS,
  ...SESSION_REASONS,
  ...WEEK_REASONS,
}) as readonly ReasonCode[];
