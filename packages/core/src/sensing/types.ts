/** One repetition as a sensor on the bar or the body tells it. Seconds of the four phases, and the mean speed upward. */
export interface SensedRep {
  /** From 1 within the set, as the sensor counts. Gaps mean reps it missed. */
  index: number;
  loweringSeconds: number;
  bottomSeconds: number;
  liftingSeconds: number;
  topSeconds: number;
  /** Mean speed of the lifting phase, m/s. */
  meanSpeedMps: number;
}

/** What of a repetition can't be true. */
export type RepDoubt = 'index' | 'phases' | 'speed';
