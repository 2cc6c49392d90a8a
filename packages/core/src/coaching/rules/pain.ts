import { PAIN_BANDS, PAIN_RISE_STOPS, painBand } from '../../limits';
import { nextDown } from '../../kit';
import { reason } from '../../vocabulary';
import type { Reason } from '../../vocabulary';
import { carriedOn } from '../next-set';
import type { Advice, AdviceRule } from '../types';

/** Pain first: above 5, or up by 2 from the start of the day, stop and swap; 3 to 5, or a set ended by it, lighter now. */
export const pain: AdviceRule = {
  id: 'pain',
  advise: (input, { jointPain, endedBy, setIndex }) => {
    const { atStart, clearedUpTo } = input.context.pain;
    const stop = (why: Reason): Advice => ({ kind: 'stop', reasons: [why], next: null, restSeconds: null, because: 'pain' });
    if (jointPain !== null && painBand(jointPain) === 'stop') {
      return stop(reason('pain-stop', { pain: jointPain, limit: PAIN_BANDS.acceptableUpTo }, 'pain-monitoring-thomee'));
    }
    if (jointPain !== null && atStart !== null && jointPain - atStart >= PAIN_RISE_STOPS) {
      return stop(reason('pain-rose', { from: atStart, to: jointPain }, 'common-practice'));
    }
    const isEase = jointPain !== null && painBand(jointPain) === 'ease' && !(clearedUpTo !== null && jointPain <= clearedUpTo);
    if (!isEase && endedBy !== 'pain') return null;
    const why =
      jointPain !== null && isEase
        ? reason('pain-ease', { pain: jointPain, limit: PAIN_BANDS.safeUpTo }, 'pain-monitoring-thomee')
        : reason('pain-ended', { setIndex }, 'common-practice');
    const on = carriedOn(input);
    const lighter = on && nextDown(input.loads, on.loadKg);
    if (!on || !lighter) return { kind: 'change', reasons: [why], next: on, restSeconds: null };
    const said = reason('advice-lighter', { fromKg: on.loadKg, toKg: lighter.externalKg }, 'common-practice');
    return { kind: 'change', reasons: [why, said], next: { ...on, loadKg: lighter.externalKg }, restSeconds: null };
  },
};
