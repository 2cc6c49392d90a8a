import type { Variation } from '../catalogue/types';
import { reason } from '../vocabulary';
import type { LeverId, LeverValues, SchoolId, Schools } from '../vocabulary';
import type { Dose } from './types';
import type { DoseWhy } from './why';

/** Settings a school of thought stands for; its answer is a notch of that setting. */
const AS_SETTING: Partial<Record<SchoolId, LeverId>> = {
  knees: 'knee-travel',
  box: 'box-style',
  grip: 'grip',
  rack: 'front-hold',
};

/** Rest against the goal's. House default: two thirds for dense work, half as much again for long rests. */
const REST_FACTOR = { 'by-goal': 1, short: 2 / 3, long: 1.5 } as const;
/** Going until form ends leaves hardly one. Only light accessories, never with a limit. */
const FORM_ENDS_RESERVE = 1;

/** Settings by the person's schools, on what the movement offers; settings chosen for the exercise itself win. */
export const schoolValues = (variation: Pick<Variation, 'levers'>, schools: Schools, own: LeverValues): LeverValues => {
  const values: LeverValues = {};
  for (const [school, lever] of Object.entries(AS_SETTING) as [SchoolId, LeverId][]) {
    const answer = schools[school];
    const scale = variation.levers.find((candidate) => candidate.lever === lever);
    if (answer !== undefined && scale?.steps.some((step) => step === answer)) values[lever] = answer;
  }
  return { ...values, ...own };
};

/** How a school of the back is said in a hinge. Our own words. */
const BACK_CUES: Partial<Record<NonNullable<Schools['back']>, string>> = {
  'held-rounding': 'Set the back once, and keep it exactly there',
  tuck: 'Tail under first, then hinge',
};

const HEELS_CUE = 'Weight in the heels';

/** A movement's cues with what the person's school says in front: of the back in a hinge, of the foot in a squat. */
export const schoolCues = ({ family, cues }: Pick<Variation, 'family' | 'cues'>, schools: Schools): readonly string[] => {
  const back = family === 'hinge' ? BACK_CUES[schools.back ?? 'flat'] : undefined;
  const foot = family === 'squat' && schools.foot === 'heels' ? HEELS_CUE : undefined;
  const own = back ?? foot;
  return own === undefined ? cues : [own, ...cues];
};

/** Rest and effort by the person's schools. `isLight`: an accessory with no limit on it. */
export const schoolDose = (dose: Dose, why: DoseWhy, schools: Schools, isLight: boolean): { dose: Dose; why: DoseWhy } => {
  let next = { dose, why };
  const factor = REST_FACTOR[schools.rest ?? 'by-goal'];
  if (factor !== 1) {
    const restSeconds = Math.round((dose.restSeconds * factor) / 15) * 15;
    next = {
      dose: { ...next.dose, restSeconds },
      why: { ...next.why, rest: [...why.rest, reason('school-rest', { restSeconds }, 'trainer')] },
    };
  }
  if (schools.effort === 'until-form-ends' && isLight) {
    const reserve = Math.min(dose.reserve, FORM_ENDS_RESERVE);
    next = {
      dose: { ...next.dose, reserve },
      why: { ...next.why, reserve: [...why.reserve, reason('school-effort', { reserve }, 'trainer')] },
    };
  }
  return next;
};
