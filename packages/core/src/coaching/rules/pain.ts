import { cutBy, PAIN_BANDS, PAIN_RISE_STOPS, painBand } from '../../limits';
import { oneNotch } from '../../catalogue/knowledge';
import { cutLoad, wasCutForPain } from '../../progression';
import { isSameMass } from '../../kit';
import { reason } from '../../vocabulary';
import type { Reason } from '../../vocabulary';
import { carriedOn } from '../next-set';
import type { Advice, AdviceInput, AdviceRule } from '../types';

/** A rise over the day's start only counts from here. */
const RISE_FROM = 3;

const stop = (reasons: readonly Reason[]): Advice => ({ kind: 'stop', reasons, next: null, restSeconds: null, because: 'pain' });

/** Whether the work was cut for this pain already: in an earlier session, by the check-in, after an earlier set, or by a limit at 5. */
const wasCut = (input: AdviceInput): boolean => {
  const painful = input.today.findIndex(({ jointPain }) => painBand(jointPain) === 'ease');
  const after = painful < 0 ? [] : input.today.slice(painful + 1);
  const isLighter = after.some(({ externalKg }) => externalKg < (input.today[painful]?.externalKg ?? 0) - 0.001);
  const isCut = input.cutToday === true || wasCutForPain(input, input.today.at(-1)?.jointPain ?? null);
  return isCut || isLighter || cutBy(input.variation, input.context.limits) !== null;
};

/**
 * Pain first. Above 5, or up by 2 from the day's start to 3 or more: stop and swap. 3 to 5, or a set ended by it: a fifth to three
 * tenths lighter now, once a day; after that a setting easier, else leave it. At 2 or less nothing is cut.
 */
export const pain: AdviceRule = {
  id: 'pain',
  advise: (input, { jointPain, endedBy, setIndex }) => {
    const { atStart, clearedUpTo } = input.context.pain;
    if (jointPain !== null && painBand(jointPain) === 'stop') {
      return stop([reason('pain-stop', { pain: jointPain, limit: PAIN_BANDS.acceptableUpTo }, 'pain-monitoring-thomee')]);
    }
    if (jointPain !== null && atStart !== null && jointPain >= RISE_FROM && jointPain - atStart >= PAIN_RISE_STOPS) {
      return stop([reason('pain-rose', { from: atStart, to: jointPain }, 'common-practice')]);
    }
    const isEase = jointPain !== null && painBand(jointPain) === 'ease' && !(clearedUpTo !== null && jointPain <= clearedUpTo);
    if (!isEase && !(endedBy === 'pain' && jointPain === null)) return null;
    const why =
      jointPain !== null && isEase
        ? reason('pain-ease', { pain: jointPain, limit: PAIN_BANDS.safeUpTo }, 'pain-monitoring-thomee')
        : reason('pain-ended', { setIndex }, 'common-practice');
    const on = carriedOn(input);
    const now = on && input.loads.find(({ externalKg }) => isSameMass(externalKg, on.loadKg));
    const lighter = now && !wasCut(input) ? cutLoad(input.loads, now) : null;
    if (on && lighter) {
      const said = reason('advice-lighter', { fromKg: on.loadKg, toKg: lighter.externalKg }, 'common-practice');
      return { kind: 'change', reasons: [why, said], next: { ...on, loadKg: lighter.externalKg }, restSeconds: null };
    }
    const notch = oneNotch(input.context.catalogue, input.variation, input.values, 'easier').find(({ kind }) => kind === 'lever');
    if (!notch || notch.kind !== 'lever' || painfulSets(input) > 2)
      return stop([why, reason('pain-nothing-left', {}, 'house-default')]);
    const values = { lever: notch.lever, from: notch.from, to: notch.to, unit: notch.unit };
    return { kind: 'change', reasons: [why, reason('advice-setting', values, 'common-practice')], next: on, restSeconds: null };
  },
};

const painfulSets = ({ today }: AdviceInput): number => today.filter(({ jointPain }) => painBand(jointPain) === 'ease').length;
