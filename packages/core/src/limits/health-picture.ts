import { daysBetween } from '../units';
import { HEALTH_TOPIC_IDS, HEALTH_TOPICS, HOLDS, READINESS, reason } from '../vocabulary';
import type {
  Answer,
  CarefulCause,
  CautionId,
  HealthTopic,
  LimitId,
  PersonState,
  ReadinessId,
  Reason,
  Side,
} from '../vocabulary';
import { carefulCauses } from './careful';
import { coversSide, isInForce } from './clearance';
import type { Clearance } from './clearance';
import { LIMIT_BANDS } from './limit-on';
import type { PersonLimit } from './limit-on';
import { LIMIT_RULES } from './matrix';
import { pressureBand, READINESS_RULES } from './readiness';

/** A limit as it stands on a person's record. Days are ISO days. */
export interface LimitOnRecord {
  id: string;
  limit: LimitId;
  side: Side;
  severity: number | null;
  askedOn: string;
}

/** Everything known of a person's health that training depends on. Null and missing are unknown, never good. */
export interface HealthInput {
  today: string;
  birthYear: number | null;
  answers: Partial<Record<ReadinessId, Answer>>;
  pressure: { systolic: number; diastolic: number; on: string } | null;
  surgery: { procedure: string; on: string; side: Side } | null;
  guardianConsent: boolean;
  /** Whether they trained with loads before the four questions were asked of everybody: then they go on, carefully. */
  loadedBefore?: boolean;
  limits: readonly LimitOnRecord[];
  /** Warning signs that were seen. */
  signs: readonly { id: string; sign: string; on: string }[];
  clearances: readonly Clearance[];
}

/** What may be trained, what holds it back and why, what to keep in mind, what has to be asked again. */
export interface HealthPicture {
  state: PersonState;
  limits: readonly PersonLimit[];
  reasons: readonly Reason[];
  cautions: readonly CautionId[];
  questions: readonly Reason[];
  /** Whole years; null: not asked. */
  age: number | null;
  /** What has to be asked before anything is loaded. */
  notAsked: readonly HealthTopic[];
  /** Why loads rise slowly whatever the movement. */
  careful: readonly CarefulCause[];
}

/**
 * Days after which a limit, or a pressure reading, is asked again. Until it is answered it goes on as it was: silence
 * never opens anything. House default.
 */
export const ASK_AGAIN_DAYS = { sore: 28, state: 180, pressure: 90 } as const;
const GROWN_UP = 18;
const BASIS = 'common-practice';

/** Years between the year of birth and today. Somebody who turns 18 this year may still be 17. */
const ageOf = ({ today, birthYear }: HealthInput): number | null =>
  birthYear === null ? null : Number(today.slice(0, 4)) - birthYear;

/** What clearances in force allow in spite of a limit; one given before a warning sign says nothing about it. */
const clearedFor = ({ clearances, today }: HealthInput, limit: LimitId, side: Side, since?: string) =>
  clearances
    .filter((given) => given.about.includes(limit) && isInForce(given, today) && (since === undefined || given.on >= since))
    .map(({ scope }) => scope)
    .filter((scope) => scope.families.length > 0 && coversSide(scope, side));

type Held = { limit: PersonLimit; why: Reason };

const fromAnswers = (input: HealthInput): Held[] =>
  READINESS_RULES.filter(({ id }) => input.answers[id] === 'yes').flatMap(({ id, flags, limits }) => [
    ...(flags ? [heldBy(input, 'see-clinician', reason('flag-answer', { question: id }, BASIS))] : []),
    ...limits.map((limit): Held => {
      const side = limit === 'after-surgery' ? (input.surgery?.side ?? 'both') : 'both';
      return heldBy(input, limit, reason('limit-by-answer', { question: id, limit }, BASIS), { side });
    }),
  ]);

const heldBy = (
  input: HealthInput,
  limit: LimitId,
  why: Reason,
  { side = 'both', severity = null, since }: { side?: Side; severity?: number | null; since?: string } = {},
): Held => ({ limit: { limit, severity, side, cleared: clearedFor(input, limit, side, since) }, why });

const fromPressure = (input: HealthInput): Held[] => {
  if (!input.pressure) return [];
  const band = pressureBand(input.pressure);
  const { systolic, diastolic, on } = input.pressure;
  if (band === 'usual') return [];
  const limit = band === 'held' ? 'see-clinician' : 'blood-pressure-raised';
  return [heldBy(input, limit, reason('flag-pressure', { systolic, diastolic, on }, BASIS), { since: on })];
};

const fromAge = (input: HealthInput): Held[] => {
  const age = ageOf(input);
  if (age === null || age > GROWN_UP || input.guardianConsent) return [];
  return [heldBy(input, 'guardian-consent', reason('guardian-missing', { age }, BASIS))];
};

const fromRecord = (input: HealthInput): Held[] =>
  input.limits.map(({ limit, severity, side, askedOn }) =>
    heldBy(input, limit, reason('limit-on-record', { limit, severity, side, askedOn }, 'trainer'), { side, severity }),
  );

/** Topics with a question nobody asked. A sore place on record answers for pain. */
const topicsNotAsked = ({ answers, limits }: HealthInput): HealthTopic[] =>
  HEALTH_TOPIC_IDS.filter((topic) => {
    const isOpen = HEALTH_TOPICS[topic].some((id) => answers[id] === undefined);
    return isOpen && !(topic === 'pain' && limits.some(({ limit }) => isGraded(limit)));
  });

const fromSilence = (input: HealthInput, notAsked: readonly HealthTopic[]): Held[] => {
  const [topic] = notAsked;
  if (!topic || input.loadedBefore) return [];
  return [heldBy(input, 'health-not-asked', reason('health-topic-not-asked', { topic }, 'house-default'))];
};

const isGraded = (limit: LimitId): boolean => LIMIT_RULES.find(({ id }) => id === limit)?.graded ?? false;

const questionsOf = (input: HealthInput): Reason[] => {
  const { today, answers, clearances, limits, pressure } = input;
  const open = READINESS.filter((id) => answers[id] === undefined).length;
  const old = (on: string, days: number): number | null => (daysBetween(on, today) > days ? daysBetween(on, today) : null);
  return [
    ...(open > 0 ? [reason('readiness-not-asked', { open }, 'house-default')] : []),
    ...limits.flatMap(({ limit, side, askedOn }) => {
      const days = old(askedOn, isGraded(limit) ? ASK_AGAIN_DAYS.sore : ASK_AGAIN_DAYS.state);
      return days === null ? [] : [reason('limit-ask-again', { limit, side, days }, 'house-default')];
    }),
    ...clearances
      .filter(({ until }) => until < today)
      .map(({ role, until }) => reason('clearance-ended', { role, until }, 'house-default')),
    ...(pressure && old(pressure.on, ASK_AGAIN_DAYS.pressure) !== null
      ? [reason('pressure-ask-again', { days: daysBetween(pressure.on, today) }, 'house-default')]
      : []),
  ];
};

const isHold = (limit: LimitId): boolean => (HOLDS as readonly LimitId[]).includes(limit);

/** A limit that changes what may be trained: any that isn't graded, and a graded one from where it restricts. */
const counts = ({ limit, severity }: PersonLimit): boolean =>
  !isGraded(limit) || severity === null || severity >= LIMIT_BANDS.restrictsFrom;

/**
 * Puts together what is known: readiness answers, blood pressure, age, limits, warning signs and what clearances allow.
 * More of any of them never opens a movement, except a clearance in force, and that only within its scope.
 * @example healthPicture({ ...nothingKnown, answers: { 'chest-on-effort': 'yes' } }).state // 'see-clinician-first'
 */
export const healthPicture = (input: HealthInput): HealthPicture => {
  const notAsked = topicsNotAsked(input);
  const held: Held[] = [
    ...fromAnswers(input),
    ...fromPressure(input),
    ...fromAge(input),
    ...input.signs.map(({ sign, on }) => heldBy(input, 'see-clinician', reason('flag-sign', { sign, on }, BASIS), { since: on })),
    ...fromRecord(input),
    ...fromSilence(input, notAsked),
  ];
  const limits = held.map(({ limit }) => limit);
  const isHeld = limits.some(({ limit, cleared = [] }) => isHold(limit) && cleared.length === 0);
  const cleared = input.clearances
    .filter((given) => isInForce(given, input.today))
    .map(({ role, until }) => reason('cleared-by', { role, until }, 'trainer'));
  const surgery = input.surgery ? [reason('surgery-on-record', { ...input.surgery }, 'trainer')] : [];
  return {
    state: isHeld ? 'see-clinician-first' : limits.some(counts) ? 'train-with-limits' : 'train',
    limits,
    reasons: [...held.map(({ why }) => why), ...surgery, ...cleared],
    cautions: cautionsOf(input),
    questions: questionsOf(input),
    age: ageOf(input),
    notAsked,
    careful: carefulCauses(ageOf(input), limits, notAsked),
  };
};

const cautionsOf = (input: HealthInput): CautionId[] => {
  const age = ageOf(input);
  const all = READINESS_RULES.filter(({ id }) => input.answers[id] === 'yes').flatMap(({ cautions }) => cautions);
  return [...new Set([...all, ...(age !== null && age <= GROWN_UP ? (['no-maximal-test'] as const) : [])])];
};
