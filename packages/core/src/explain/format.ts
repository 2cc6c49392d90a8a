import type { Load } from '../kit';
import { formatTempo, repsTop } from '../dose';
import type { Dose } from '../dose';
import { fromKg } from '../units';
import { isPerSide } from '../vocabulary';
import type { MassUnit, Stance } from '../vocabulary';

/** A number with at most `digits` decimals and no trailing zeros. */
export const formatNumber = (value: number, digits = 1): string => String(Number(value.toFixed(digits)));

/**
 * A mass in the trainer's unit, always with it.
 * @example formatMass(20.41, 'lb') // '45 lb'
 */
export const formatMass = (kg: number, unit: MassUnit): string => `${formatNumber(fromKg(kg, unit))} ${unit}`;

/** The numbers of a load as the pieces are labelled: '24 kg', '2 × 10 kg'; a dash with nothing held. */
export const formatPieces = (load: Pick<Load, 'implements'>): string =>
  load.implements.length === 0
    ? '–'
    : load.implements
        .map(({ count, value, unit }) => `${count > 1 ? `${count} × ` : ''}${formatNumber(value, 2)} ${unit}`)
        .join(' + ');

const PIECE_WORDS = { dumbbell: ['dumbbell', 'dumbbells'], kettlebell: ['bell', 'bells'] } as const;

/** What a load is made of: 'bell', 'dumbbells', 'bodyweight'. */
export const formatPieceTypes = (load: Pick<Load, 'implements'>): string =>
  load.implements.length === 0
    ? 'bodyweight'
    : [...new Set(load.implements.map(({ type, count }) => PIECE_WORDS[type][count > 1 ? 1 : 0]))].join(' + ');

/** A load in one go: '24 kg bell', '2 × 10 kg', 'bodyweight'. A pair goes without saying what it is a pair of. */
export const formatLoad = (load: Pick<Load, 'implements'>): string => {
  if (load.implements.length === 0) return 'bodyweight';
  const isPair = load.implements.some(({ count }) => count > 1);
  return isPair ? formatPieces(load) : `${formatPieces(load)} ${formatPieceTypes(load)}`;
};

/** Rest as minutes and seconds: '1:30'. */
export const formatRest = (seconds: number): string =>
  `${Math.floor(seconds / 60)}:${String(Math.round(seconds % 60)).padStart(2, '0')}`;

/** A rep range: '8–12', or '8' when both ends meet. */
export const formatReps = (dose: Pick<Dose, 'repsLow' | 'repsHigh' | 'repsBeyond'>): string =>
  dose.repsLow === repsTop(dose) ? String(dose.repsLow) : `${dose.repsLow}–${repsTop(dose)}`;

/** Sets and reps with the side said: '3 × 8–12 a side'. */
export const formatSets = (dose: Dose, stance: Stance): string =>
  `${dose.sets} × ${formatReps(dose)}${isPerSide(stance) ? ' a side' : ''}`;

/** A dose on one line: '3 × 8–12 · 24 kg bell · 3-1-1-0 · rest 1:30 · 2 in reserve'. */
export const formatDose = (dose: Dose, stance: Stance): string =>
  [
    formatSets(dose, stance),
    formatLoad(dose.load),
    formatTempo(dose.tempo),
    `rest ${formatRest(dose.restSeconds)}`,
    `${dose.reserve} in reserve`,
  ].join(' · ');
