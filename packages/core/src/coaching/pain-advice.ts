import { PAIN_BANDS, painBand } from '../limits';
import { reason } from '../vocabulary';
import type { Reason } from '../vocabulary';

/** What a pain number just logged asks for at once; null when nothing needs saying. */
export const painAdvice = (jointPain: number | null): Reason | null => {
  const band = painBand(jointPain);
  if (jointPain === null || band === 'safe' || band === 'unknown') return null;
  const values = { pain: jointPain, limit: band === 'stop' ? PAIN_BANDS.acceptableUpTo : PAIN_BANDS.safeUpTo };
  return reason(band === 'stop' ? 'pain-stop' : 'pain-ease', values, 'pain-monitoring-thomee');
};
