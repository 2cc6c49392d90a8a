import type { Load } from '../kit';
import { formatTempo, repsTop } from '../dose';
import type { Dose } from '../dose';
import { fromKg } from '../units';
import type { MassUnit } from '../vocabulary';

/** A number with at most `digits` decimals and no trailing zeros. */
export const formatNumber = (value: number, digits = 1): string => String(Number(value.toFixed(digits)));

/**
 * A mass in the trainer's unit, always with it.
 * @example formatMass(20.41, 'lb') // '45 lb'
 */
export const formatMass = (kg: number, unit: MassUnit): string => `${formatNumber(fromKg(kg, unit))} ${unit}`;

/**
 * A load as the pieces are labelled: '24 kg bell', '2 × 10 kg', 'bodyweight'.
 */
export const formatLoad = (load: Pick<Load, 'implements'>): string => {
  if (load.implements.length === 0) return 'bodyweight';
  return load.implements
    .map(({ count, value, unit, type }) => {
      const mass = `${formatNumber(value, 2)} ${unit}`;
      if (count > 1) return `${count} × ${mass}`;
      return type === 'kettlebell' ? `${mass} bell` : `${mass} dumbbell`;
    })
    .join(' + ');
};

/** Rest as minutes and seconds: '1:30'. */
export const formatRest = (seconds: number): string =>
  `${Math.floor(seconds / 60)}:${String(Math.round(seconds % 60)).padStart(2, '0')}`;

/** A rep range: '8–12', or '8' when both ends meet. */
export const formatReps = (dose: Pick<Dose, 'repsLow' | 'repsHigh' | 'repsBeyond'>): string =>
  dose.repsLow === repsTop(dose) ? String(dose.repsLow) : `${dose.repsLow}–${repsTop(dose)}`;

/** Sets and reps with the side said: '3 × 8–12 a side'. */
export const formatSets = (dose: Dose, stance: 'two-leg' | 'one-leg'): string =>
  `${dose.sets} × ${formatReps(dose)}${stance === 'one-leg' ? ' a side' : ''}`;

/** A dose on one line: '3 × 8–12 · 24 kg bell · 3-1-1-0 · rest 1:30 · 2 in reserve'. */
export const formatDose = (dose: Dose, stance: 'two-leg' | 'one-leg'): string =>
  [
    formatSets(dose, stance),
    formatLoad(dose.load),
    formatTempo(dose.tempo),
    `rest ${formatRest(dose.restSeconds)}`,
    `${dose.reserve} in reserve`,
  ].join(' · ');
