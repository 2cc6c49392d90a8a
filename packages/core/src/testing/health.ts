import type { HealthInput } from '../limits';

/** Nothing known of somebody's health, on a day; they trained with loads before, so silence holds nothing back. */
export const aHealthInput = (over: Partial<HealthInput> = {}): HealthInput => ({
  today: '2026-11-25',
  birthYear: null,
  answers: {},
  pressure: null,
  surgery: null,
  guardianConsent: false,
  limits: [],
  signs: [],
  clearances: [],
  loadedBefore: true,
  ...over,
});
