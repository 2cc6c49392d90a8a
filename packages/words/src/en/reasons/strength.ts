import { formatMass } from '../format';
import { formatNumber } from '../../formats';
import type { StrengthReasons } from '@drubo/core/reason-codes/strength';
import { load } from './parts';
import type { WordsFor } from './types';

/** What the strength estimate says, in words. */
export const STRENGTH_WORDS: WordsFor<StrengthReasons> = {
  'strength-estimate': (v, c) =>
    `From the sets so far: about ${formatNumber(v.predictedReps)} reps to failure at ${load(v.loadKg, c.unit)} (give or take ${formatNumber(v.sdReps)}), ` +
    `one-rep maximum near ${formatMass(v.oneRepMaxKg, c.unit)} ± ${formatNumber(v.sdPercent)} %` +
    (v.bodyLoadKg > 0 ? `, ${formatMass(v.bodyLoadKg, c.unit)} of body mass moving with it.` : '.'),
  'reports-set-aside': (v) =>
    `“${v.reserve} in reserve” was said ${v.reports} times, whatever was left: those reports are not counted, only the reps done.`,
  'load-first': (v, c) => `${load(v.loadKg, c.unit)} × ${v.reps} should leave about ${v.reserve}.`,
  'load-kept': (v, c) =>
    `${load(v.loadKg, c.unit)} stays: ${v.reps} reps should leave about ${v.reserve}. Reps climb first, then load.`,
  'load-kept-beyond': (v, c) =>
    `${load(v.loadKg, c.unit)} stays for ${v.reps} reps: the next load your kit makes is too big a jump yet.`,
  'load-up': (v, c) =>
    `${load(v.fromKg, c.unit)} has become too easy for the range: ${load(v.loadKg, c.unit)} × ${v.reps} should leave about ${v.reserve}.`,
  'load-down': (v, c) =>
    `${load(v.fromKg, c.unit)} is too heavy for the range now: ${load(v.loadKg, c.unit)} × ${v.reps} should leave about ${v.reserve}.`,
  'load-probe': (v, c) =>
    `Reports have been the same for long, so this last set asks two reps more: ${load(v.loadKg, c.unit)} × ${v.reps}. Stop where form would go.`,
  'load-open-ended': (v, c) =>
    `Every set was said to leave as many as the scale goes, or more: up from ${load(v.fromKg, c.unit)} to ${load(v.loadKg, c.unit)} × ${v.reps}, by what those sets show at least.`,
  'load-searched-same': (v, c) =>
    `Not much is known yet, so every load was weighed: ${load(v.loadKg, c.unit)} × ${v.reps} comes nearest to leaving ${v.reserve}.`,
};
