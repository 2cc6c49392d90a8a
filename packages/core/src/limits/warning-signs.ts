import type { BasisId } from '../vocabulary';

/** How soon somebody has to look at it. The first two end the session; all three lock hard work until cleared. */
export const WARNING_LEVELS = ['ambulance', 'same-day', 'before-next-hard'] as const;
export type WarningLevel = (typeof WARNING_LEVELS)[number];

/** A sign to be searched for on the floor, in our own words. */
export interface WarningSign {
  id: string;
  level: WarningLevel;
  sign: string;
}

const at = (level: WarningLevel, signs: Record<string, string>): WarningSign[] =>
  Object.entries(signs).map(([id, sign]) => ({ id, level, sign }));

/** Usual clinical and coaching practice, from memory. Cautions, never a diagnosis; a clinician's word stands above them. */
export const WARNING_SIGNS: readonly WarningSign[] = [
  ...at('ambulance', {
    'chest-pain': 'Pain in chest, jaw or arm',
    collapse: 'Collapse, or faint on effort',
    breathless: 'Breathlessness that does not settle',
    'worst-headache': 'Sudden headache, the worst ever',
    'stroke-signs': 'Face, arm or speech suddenly wrong',
    'irregular-heart': 'Irregular heartbeat with dizziness',
    'saddle-numbness': 'Numb between the legs, bladder or bowel control newly lost, or both legs weak or numb',
    'low-sugar': 'Known diabetic, shaky, sweating or confused: stop, give sugar, stay',
  }),
  ...at('same-day', {
    'hot-joint': 'Hot, swollen joint or calf',
    'foot-drop': 'The foot drops',
    'pop-swelling': 'A pop, then swelling, or no weight can be put on it',
    'fever-pain': 'Fever with back or joint pain',
    'dark-urine': 'Dark urine, or extreme swelling or weakness, in the days after a session',
    'locked-knee': 'A knee that is locked',
    'pregnancy-signs': 'Pregnant: bleeding, fluid, regular contractions, dizziness, headache, calf pain, fewer movements',
  }),
  ...at('before-next-hard', {
    'night-pain': 'Pain at night or at rest',
    'bone-pain': 'Groin, shin or foot bone hurts on weight or hopping',
    'new-back-pain': 'New back pain with weight loss, cancer history, a fall, long steroid use or fragile bones',
    'giving-way': 'A joint that gives way',
    'one-leg-numb': 'Numbness or tingling in one leg',
  }),
];

/** What a sign asks for now. `instruction` is one plain line; `locks`: hard work waits for a recorded clearance. */
export interface WarningAnswer {
  level: WarningLevel;
  endsSession: boolean;
  locks: true;
  instruction: string;
  basis: BasisId;
}

const INSTRUCTIONS: Record<WarningLevel, string> = {
  ambulance: 'Stop. Call an ambulance and don’t leave the person alone.',
  'same-day': 'Stop the session. A clinician has to see this today.',
  'before-next-hard': 'No hard session until a clinician has seen this.',
};

/**
 * What a warning sign asks for. Undefined for a sign nobody listed.
 * @example answerTo('chest-pain')?.endsSession // true
 */
export const answerTo = (signId: string): WarningAnswer | undefined => {
  const found = WARNING_SIGNS.find(({ id }) => id === signId);
  if (!found) return undefined;
  const { level } = found;
  return {
    level,
    endsSession: level !== 'before-next-hard',
    locks: true,
    instruction: INSTRUCTIONS[level],
    basis: 'common-practice',
  };
};
