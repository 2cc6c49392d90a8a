import { z } from 'zod';
import {
  AGGRAVATORS,
  ANSWERS,
  CLEARED_RANGES,
  CLINICIAN_ROLES,
  DAILY_TASKS,
  EMPHASES,
  FAMILIES,
  FAULTS,
  GOALS,
  DERIVED_LIMITS,
  LIFT_SOURCES,
  LIMITS,
  READINESS,
  SCREENING_TASKS,
  SIDES,
  SORE_LIMITS,
  TASK_STATES,
} from '@drubo/core/vocabulary';
import { instant, kitId, localDate, personId, recordId, requiredText, sessionId, text, trainerId } from './basics';

/** What a reading or a measure may be. House defaults: wide enough for anybody, narrow enough to catch a slip. */
export const HEALTH_BOUNDS = {
  systolic: { min: 60, max: 280 },
  diastolic: { min: 30, max: 180 },
  segmentCm: { min: 20, max: 90 },
  kneeToWallCm: { min: 0, max: 30 },
  birthYear: { min: 1900, max: 2100 },
} as const;

const whole = ({ min, max }: { min: number; max: number }, unit: string) =>
  z.int('must be a whole number').min(min, `must be at least ${min}${unit}`).max(max, `must be at most ${max}${unit}`);
const within = ({ min, max }: { min: number; max: number }, unit: string) =>
  z.number().min(min, `must be at least ${min} ${unit}`).max(max, `must be at most ${max} ${unit}`);
const pain = whole({ min: 0, max: 10 }, '');

/** How a person trains at a place: with whom, and what catches the bar. */
const trainingPlace = z.strictObject({
  kitId,
  isAlone: z.boolean(),
  hasSpotter: z.boolean(),
  hasPractisedBailOut: z.boolean(),
  safetyBarCm: within({ min: 20, max: 200 }, 'cm').nullable(),
  hookCm: within({ min: 20, max: 220 }, 'cm').nullable(),
});

const pressure = z
  .strictObject({
    systolic: whole(HEALTH_BOUNDS.systolic, ' mmHg'),
    diastolic: whole(HEALTH_BOUNDS.diastolic, ' mmHg'),
    on: localDate,
  })
  .refine(({ systolic, diastolic }) => diastolic < systolic, {
    path: ['diastolic'],
    message: 'must be below the upper number',
  });

/** What was confirmed of somebody's own words. A movement nobody knows is kept as a note. */
export const chip = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('wants'), variationId: z.string().min(1).max(80) }),
  z.strictObject({ kind: z.literal('emphasis'), emphasis: z.enum(EMPHASES) }),
  z.strictObject({ kind: z.literal('task'), task: z.enum(DAILY_TASKS) }),
  z.strictObject({ kind: z.literal('note'), text: requiredText(120) }),
]);

/** What is asked of a person once and changed now and then. Null and missing: not asked. */
export const intakeFields = {
  secondGoal: z.enum(GOALS).nullable(),
  daysPerWeek: whole({ min: 1, max: 7 }, ' a week').nullable(),
  dislikes: z.array(z.string().min(1).max(80)).max(40, 'at most 40'),
  /** What they want, in their own words. */
  ownWords: text(500),
  /** What the trainer confirmed of it. */
  chips: z.array(chip).max(12, 'at most 12'),
  /** Where they train, the usual place first. */
  places: z.array(trainingPlace).max(6, 'at most 6 places'),
  birthYear: whole(HEALTH_BOUNDS.birthYear, '').nullable(),
  answers: z.partialRecord(z.enum(READINESS), z.enum(ANSWERS)),
  pressure: pressure.nullable(),
  surgery: z.strictObject({ procedure: requiredText(120), on: localDate, side: z.enum(SIDES) }).nullable(),
  guardianConsent: z.boolean(),
  /** The day the person agreed that health notes are kept; null: they have not. */
  consentOn: localDate.nullable(),
  contact: z.strictObject({ name: requiredText(80), phone: requiredText(40) }).nullable(),
  medicine: text(200),
};
export const intake = z.strictObject(intakeFields);
export type IntakeDto = z.infer<typeof intake>;

/** Health notes, which need the person's consent to be kept. */
export const HEALTH_FIELDS = ['answers', 'pressure', 'surgery', 'medicine'] as const satisfies readonly (keyof IntakeDto)[];

export const EMPTY_INTAKE: IntakeDto = {
  secondGoal: null,
  daysPerWeek: null,
  dislikes: [],
  ownWords: '',
  chips: [],
  places: [],
  birthYear: null,
  answers: {},
  pressure: null,
  surgery: null,
  guardianConsent: false,
  consentOn: null,
  contact: null,
  medicine: '',
};

const segment = within(HEALTH_BOUNDS.segmentCm, 'cm').nullable();

const measureRecord = z
  .strictObject({
    kind: z.literal('measure'),
    on: localDate,
    massKg: within({ min: 25, max: 350 }, 'kg').nullable(),
    heightCm: within({ min: 100, max: 250 }, 'cm').nullable(),
    thighCm: segment,
    shankCm: segment,
    trunkCm: segment,
  })
  .refine(({ kind: _, on: __, ...measures }) => Object.values(measures).some((value) => value !== null), {
    path: ['massKg'],
    message: 'must not be empty when nothing else was measured',
  });

const limitRecord = z
  .strictObject({
    kind: z.literal('limit'),
    limit: z.enum(LIMITS).exclude([...DERIVED_LIMITS], 'is set by answers, not by hand'),
    side: z.enum(SIDES),
    severity: pain.nullable(),
    diagnosed: z.boolean(),
    since: localDate.nullable(),
    aggravates: z.array(z.enum(AGGRAVATORS)).max(AGGRAVATORS.length),
    note: text(500),
    askedOn: localDate,
  })
  .refine(({ since, askedOn }) => since === null || since <= askedOn, {
    path: ['since'],
    message: 'must not lie after the day it was asked',
  });

export const clearanceScope = z.strictObject({
  families: z
    .array(z.enum(FAMILIES))
    .min(1, 'must name at least one family: a clearance without scope clears nothing')
    .readonly(),
  range: z.enum(CLEARED_RANGES),
  maxLoadKg: within({ min: 0, max: 500 }, 'kg').nullable(),
  side: z.enum(SIDES),
  painUpTo: pain.nullable(),
});

const clearanceRecord = z
  .strictObject({
    kind: z.literal('clearance'),
    role: z.enum(CLINICIAN_ROLES),
    name: text(80),
    on: localDate,
    until: localDate,
    about: z.array(z.enum(LIMITS)).min(1, 'must say what it is about'),
    scope: clearanceScope,
    note: text(500),
  })
  .refine(({ on, until }) => on <= until, { path: ['until'], message: 'must not lie before the day it was given' });

const signRecord = z.strictObject({
  kind: z.literal('sign'),
  sign: z.string().min(1).max(40),
  on: localDate,
  sessionId: sessionId.nullable(),
  note: text(500),
});

const seenPain = z.strictObject({ limit: z.enum(SORE_LIMITS), side: z.enum(SIDES), severity: pain });
const seenTask = z.strictObject({
  state: z.enum(TASK_STATES),
  faults: z.array(z.enum(FAULTS)).max(FAULTS.length).readonly(),
  pains: z.array(seenPain).max(12).readonly(),
});
const reach = within(HEALTH_BOUNDS.kneeToWallCm, 'cm').nullable();

/** What was seen when the person moved. */
export const seen = z.strictObject({
  tasks: z.partialRecord(z.enum(SCREENING_TASKS), seenTask),
  kneeToWallCm: z.strictObject({ left: reach, right: reach }),
});

const screeningRecord = z.strictObject({
  kind: z.literal('screening'),
  on: localDate,
  seen,
  note: text(1000),
  done: z.boolean(),
});

const noteRecord = z.strictObject({
  kind: z.literal('note'),
  on: localDate,
  text: requiredText(2000),
  pinned: z.boolean(),
  /** Something to watch next time rather than to keep. */
  watch: z.boolean(),
});

const placementRecord = z.strictObject({
  kind: z.literal('placement'),
  on: localDate,
  ladderId: z.string().min(1).max(80),
  rungId: z.string().min(1).max(80),
  why: requiredText(300),
});

/** What a known lift may be, whatever the movement. House defaults. */
export const LIFT_BOUNDS = { loadKg: { min: 0, max: 900 }, reps: { min: 1, max: 100 }, reserve: { min: 0, max: 10 } } as const;

/** A lift the person is known to have done, here or elsewhere. `on`: when, roughly where only about is known. */
const knownLiftRecord = z.strictObject({
  kind: z.literal('known-lift'),
  variationId: z.string().min(1).max(80),
  loadKg: within(LIFT_BOUNDS.loadKg, 'kg'),
  reps: whole(LIFT_BOUNDS.reps, ''),
  /** Reps left then; null: not known. */
  reserve: whole(LIFT_BOUNDS.reserve, '').nullable(),
  isAbout: z.boolean(),
  source: z.enum(LIFT_SOURCES),
  isClean: z.boolean(),
  on: localDate,
  note: text(300),
});

/** Everything kept about a person over time. A change is a new revision; the older ones stay as history. */
export const recordFields = z.discriminatedUnion('kind', [
  measureRecord,
  limitRecord,
  clearanceRecord,
  signRecord,
  screeningRecord,
  noteRecord,
  placementRecord,
  knownLiftRecord,
]);
export type RecordFields = z.infer<typeof recordFields>;
export type RecordKind = RecordFields['kind'];

/** Records that are health notes. A warning sign isn't among them: it is kept whatever was agreed. */
export const HEALTH_KINDS = ['limit', 'clearance', 'screening'] as const satisfies readonly RecordKind[];
export type FieldsOf<Kind extends RecordKind> = Extract<RecordFields, { kind: Kind }>;

export const personRecord = z.object({
  id: recordId,
  personId,
  revision: z.int().min(1),
  removed: z.boolean(),
  savedAt: instant,
  trainerId,
  fields: recordFields,
});
export type PersonRecordDto = z.infer<typeof personRecord>;
