import type {
  Aggravator,
  CarefulCause,
  CautionId,
  ClearedRange,
  ClinicianRole,
  HealthTopic,
  PersonState,
  ReadinessGroup,
  ReadinessId,
  ScreeningTaskId,
  Side,
} from '@drubo/core/vocabulary';

/** What has to be known before anything is loaded, as it is asked. */
export const HEALTH_TOPIC_LABELS: Record<HealthTopic, string> = {
  pregnancy: 'Pregnant, or may be',
  'heart-and-pressure': 'Heart condition or high blood pressure',
  operation: 'Operation within two years',
  pain: 'Pain nobody has explained',
};

/** Why loads rise slowly, as the end of a sentence. */
export const CAREFUL_WORDS: Record<CarefulCause, string> = {
  'under-18': 'under 18',
  'from-65': '65 or older',
  pregnancy: 'pregnant',
  'birth-within-year': 'a birth within a year',
  'fragile-bones': 'thin bones',
  'heart-or-pressure': 'heart or blood pressure',
  'not-asked': 'health not asked yet',
  limit: 'a limit on what it works',
};

/** Readiness questions as they are asked, in our own words. */
export const READINESS_ASKS: Record<ReadinessId, string> = {
  'chest-on-effort': 'Pain or pressure in the chest on effort',
  'faints-or-dizzy': 'Fainting, or dizzy spells that make you hold on',
  'breathless-at-rest': 'Out of breath at rest or lying down',
  'heart-condition': 'A heart condition, now or earlier',
  stroke: 'A stroke, or signs of one',
  epilepsy: 'Seizures',
  asthma: 'Asthma',
  diabetes: 'Diabetes',
  'high-pressure': 'High blood pressure, treated or not',
  pregnant: 'Pregnant',
  'birth-within-year': 'Gave birth within a year',
  'surgery-within-two-years': 'An operation within two years',
  'joint-replaced': 'A replaced joint',
  'fragile-bones': 'Thin bones, or a break from a small fall',
  'loose-joints': 'Joints that bend too far or slip out',
  'numb-feet': 'Numb feet, or a nerve problem in the legs',
  hernia: 'A hernia, or a caesarean not long ago',
  'pelvic-floor': 'Leaking, heaviness or doming on effort',
  'eye-retina': 'Retina trouble, or an eye operation not long ago',
  falls: 'A fall in the last year',
  'unexplained-pain': 'Pain at night or at rest that nobody has explained, or weight lost without trying',
  'blood-thinners': 'Blood thinners',
  'sugar-lowering': 'Insulin, or tablets that lower sugar',
  steroids: 'Steroids for a long time',
  'some-antibiotics': 'Fluoroquinolone antibiotics in the last months',
  statins: 'Statins',
  sedatives: 'Sedatives or sleeping tablets',
  'beta-blockers': 'Beta-blockers',
};

export const READINESS_GROUP_TITLES: Record<ReadinessGroup, string> = {
  'heart-breath-head': 'Heart, breath, head',
  'bones-joints-operations': 'Bones, joints, operations',
  'pregnancy-birth': 'Pregnancy and birth',
  medicines: 'Medicines',
};

export const CAUTION_LABELS: Record<CautionId, string> = {
  'inhaler-at-hand': 'Inhaler within reach.',
  'sugar-at-hand': 'Sugar within reach. Shaky, sweating or confused: stop, give sugar, stay.',
  'measure-pressure': 'Blood pressure before the session; 180 or 110 and above: no session.',
  'rise-slowly': 'Rise slowly from the floor.',
  'effort-not-pulse': 'Guide by effort, not by pulse: beta-blockers hold the pulse down.',
  'pain-numbers-unreliable': 'Pain numbers are unreliable today.',
  'tendons-slowly': 'Tendons need time: small steps in load.',
  'muscle-weakness-watch': 'Unusual muscle pain or dark urine: stop, and have it looked at.',
  'bones-slowly': 'Bones may be thinner: nothing with a fall in it.',
  'balance-watch': 'Something to hold within reach.',
  'shoes-on': 'Shoes on; look at the feet, they may not feel.',
  'ease-on-symptoms': 'Leak, heaviness or doming: one notch easier, and a pelvic-health clinician.',
  'no-maximal-test': 'No maximal tests.',
};

export const PERSON_STATE_LABELS: Record<PersonState, string> = {
  train: 'Train',
  'train-with-limits': 'Train with limits',
  'see-clinician-first': 'See a clinician first',
};

export const ROLE_LABELS: Record<ClinicianRole, string> = {
  doctor: 'Doctor',
  physiotherapist: 'Physiotherapist',
  surgeon: 'Surgeon',
  'midwife-or-obstetrician': 'Midwife or obstetrician',
  'specialist-nurse': 'Specialist nurse',
};

/** Sides of a body, where `SIDE_LABELS` would say legs. */
export const BODY_SIDE_LABELS: Record<Side, string> = { left: 'left', right: 'right', both: 'both sides' };

export const RANGE_LABELS: Record<ClearedRange, string> = {
  full: 'Full range',
  middle: 'Middle of the range',
  'holds-only': 'Holds only',
};

export const AGGRAVATOR_LABELS: Record<Aggravator, string> = {
  'squatting-deep': 'squatting deep',
  'stairs-down': 'stairs down',
  kneeling: 'kneeling',
  'bending-forward': 'bending forward',
  'standing-long': 'standing long',
  'sitting-long': 'sitting long',
  'running-jumping': 'running or jumping',
  carrying: 'carrying',
  'first-steps-in-the-morning': 'first steps in the morning',
  'long-steps': 'long steps',
};

/** Tasks of a screening: what it is called, what to ask for, and what to look at. */
export const TASK_WORDS: Record<ScreeningTaskId, { name: string; ask: string; watch: string }> = {
  'squat-side': {
    name: 'Squat, from the side',
    ask: 'Three squats, arms out in front, as deep as is comfortable.',
    watch: 'Heels on the floor, chest over the foot, the low back at the bottom.',
  },
  'squat-front': {
    name: 'Squat, from the front',
    ask: 'Three more, facing you.',
    watch: 'Knees over the toes, hips going straight down.',
  },
  hinge: {
    name: 'Hinge',
    ask: 'A stick along head, back and tail. Push the hips back three times.',
    watch: 'The stick keeps its three points, shins stay upright.',
  },
  'split-left': {
    name: 'Split stance, left foot in front',
    ask: 'Straight down and up, three times.',
    watch: 'Steady, front knee over the foot, front heel down.',
  },
  'split-right': {
    name: 'Split stance, right foot in front',
    ask: 'The same, right foot in front.',
    watch: 'Compare with the left.',
  },
  bridge: {
    name: 'Bridge',
    ask: 'On the back, feet near. Lift the hips and hold. Ask where it is felt.',
    watch: 'Hips open fully and level; felt in the glutes.',
  },
  'one-leg-left': {
    name: 'Low step-down, left leg standing',
    ask: 'From the lowest step, tap the heel in front three times.',
    watch: 'Pelvis level, knee over the foot, no wobble.',
  },
  'one-leg-right': {
    name: 'Low step-down, right leg standing',
    ask: 'The same on the right leg.',
    watch: 'Compare with the left.',
  },
  'knee-to-wall': {
    name: 'Knee to wall',
    ask: 'Toes away from a wall, heel down, knee touches. Farthest distance from big toe to wall, each side.',
    watch: 'The heel stays down and the knee goes over the second toe.',
  },
};
