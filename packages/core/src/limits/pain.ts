/**
 * Bands for joint or tendon pain on the 0–10 scale.
 * Source: pain-monitoring model, Thomeé 1997; Silbernagel 2007 (from memory): up to 2 safe, 3–5 acceptable, above 5 not.
 * Not for backs or after operations.
 */
export const PAIN_BANDS = { safeUpTo: 2, acceptableUpTo: 5 } as const;

/** A rise of this much over the start of the day stops the exercise, whatever the number. Basis: common practice. */
export const PAIN_RISE_STOPS = 2;

/** What a pain number asks for. `unknown`: nobody asked, so no rule may treat it as none. */
export type PainBand = 'unknown' | 'safe' | 'ease' | 'stop';

/** The band of a pain number 0–10, or `unknown` for null. */
export const painBand = (pain: number | null): PainBand => {
  if (pain === null) return 'unknown';
  if (pain <= PAIN_BANDS.safeUpTo) return 'safe';
  return pain <= PAIN_BANDS.acceptableUpTo ? 'ease' : 'stop';
};
