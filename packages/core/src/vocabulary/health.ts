/** What is asked before anybody trains hard. Wording stands in `explain`, what a yes means in the limits room. */
export const READINESS = [
  'chest-on-effort',
  'faints-or-dizzy',
  'breathless-at-rest',
  'heart-condition',
  'stroke',
  'epilepsy',
  'asthma',
  'diabetes',
  'high-pressure',
  'pregnant',
  'birth-within-year',
  'surgery-within-two-years',
  'joint-replaced',
  'fragile-bones',
  'loose-joints',
  'numb-feet',
  'hernia',
  'pelvic-floor',
  'eye-retina',
  'falls',
  'unexplained-pain',
  'blood-thinners',
  'sugar-lowering',
  'steroids',
  'some-antibiotics',
  'statins',
  'sedatives',
  'beta-blockers',
] as const;
export type ReadinessId = (typeof READINESS)[number];

/** Readiness questions in the groups they are asked in. */
export const READINESS_GROUPS = {
  'heart-breath-head': [
    'chest-on-effort',
    'faints-or-dizzy',
    'breathless-at-rest',
    'heart-condition',
    'stroke',
    'high-pressure',
    'epilepsy',
    'asthma',
    'diabetes',
  ],
  'bones-joints-operations': [
    'unexplained-pain',
    'surgery-within-two-years',
    'joint-replaced',
    'fragile-bones',
    'loose-joints',
    'numb-feet',
    'falls',
    'hernia',
    'eye-retina',
  ],
  'pregnancy-birth': ['pregnant', 'birth-within-year', 'pelvic-floor'],
  medicines: ['blood-thinners', 'sugar-lowering', 'beta-blockers', 'steroids', 'some-antibiotics', 'statins', 'sedatives'],
} as const satisfies Record<string, readonly ReadinessId[]>;
export type ReadinessGroup = keyof typeof READINESS_GROUPS;

/** An answer; a question nobody asked has none. */
export const ANSWERS = ['yes', 'no'] as const;
export type Answer = (typeof ANSWERS)[number];

/** Whether a person may train. The last holds everything until a clearance is recorded. */
export const PERSON_STATES = ['train', 'train-with-limits', 'see-clinician-first'] as const;
export type PersonState = (typeof PERSON_STATES)[number];

/** Who may clear somebody. */
export const CLINICIAN_ROLES = ['doctor', 'physiotherapist', 'surgeon', 'midwife-or-obstetrician', 'specialist-nurse'] as const;
export type ClinicianRole = (typeof CLINICIAN_ROLES)[number];

/**
 * What has to be known before anything is loaded, and the questions that tell it. House default: the four answers without
 * which a load may hurt somebody.
 */
export const HEALTH_TOPIC_IDS = ['pregnancy', 'heart-and-pressure', 'operation', 'pain'] as const;
export type HealthTopic = (typeof HEALTH_TOPIC_IDS)[number];
export const HEALTH_TOPICS = {
  pregnancy: ['pregnant'],
  'heart-and-pressure': ['heart-condition', 'high-pressure'],
  operation: ['surgery-within-two-years'],
  pain: ['unexplained-pain'],
} as const satisfies Record<HealthTopic, readonly ReadinessId[]>;

/** What makes somebody's loads rise more slowly. */
export const CAREFUL_CAUSES = [
  'under-18',
  'from-65',
  'pregnancy',
  'birth-within-year',
  'fragile-bones',
  'heart-or-pressure',
  'not-asked',
  'limit',
] as const;
export type CarefulCause = (typeof CAREFUL_CAUSES)[number];

/** How far a clearance lets a joint go. */
export const CLEARED_RANGES = ['full', 'middle', 'holds-only'] as const;
export type ClearedRange = (typeof CLEARED_RANGES)[number];

/** Things to keep in mind that lock nothing. */
export const CAUTIONS = [
  'inhaler-at-hand',
  'sugar-at-hand',
  'measure-pressure',
  'rise-slowly',
  'effort-not-pulse',
  'pain-numbers-unreliable',
  'tendons-slowly',
  'muscle-weakness-watch',
  'bones-slowly',
  'balance-watch',
  'shoes-on',
  'ease-on-symptoms',
  'no-maximal-test',
] as const;
export type CautionId = (typeof CAUTIONS)[number];

/** What makes a sore place worse. */
export const AGGRAVATORS = [
  'squatting-deep',
  'stairs-down',
  'kneeling',
  'bending-forward',
  'standing-long',
  'sitting-long',
  'running-jumping',
  'carrying',
  'first-steps-in-the-morning',
  'long-steps',
] as const;
export type Aggravator = (typeof AGGRAVATORS)[number];
