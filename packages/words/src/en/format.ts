import { barOf, externalKgOf } from '@drubo/core/kit';
import type { BarSetup, Load } from '@drubo/core/kit';
import { asksReserve, formatTempo, repsTop } from '@drubo/core/dose';
import type { Dose } from '@drubo/core/dose';
import { fromKg } from '@drubo/core/units';
import { isPerSide } from '@drubo/core/vocabulary';
import type { MassUnit, PieceType, Role, Stance } from '@drubo/core/vocabulary';
import { formatNumber } from '../formats';

/**
 * A mass in the trainer's unit, always with it.
 * @example formatMass(20.41, 'lb') // '45 lb'
 */
export const formatMass = (kg: number, unit: MassUnit): string => `${formatNumber(fromKg(kg, unit))} ${unit}`;

/** The mass of a bar with its plates, in the bar's own unit; null for a load without a bar. */
const barMass = (load: Pick<Load, 'implements'>): string | null => {
  const bar = barOf(load);
  return bar ? formatMass(externalKgOf(load.implements), bar.unit) : null;
};

/** The numbers of a load as the pieces are labelled: '24 kg', '2 × 10 kg', a bar with its plates '60 kg'; a dash with nothing held. */
export const formatPieces = (load: Pick<Load, 'implements'>): string =>
  load.implements.length === 0
    ? '–'
    : (barMass(load) ??
      load.implements
        .map(({ count, value, unit }) => `${count > 1 ? `${count} × ` : ''}${formatNumber(value, 2)} ${unit}`)
        .join(' + '));

const PIECE_WORDS: Record<PieceType, readonly [string, string]> = {
  dumbbell: ['dumbbell', 'dumbbells'],
  kettlebell: ['bell', 'bells'],
  bar: ['with the bar', 'with the bars'],
  'trap-bar': ['with the trap bar', 'with the trap bars'],
  plate: ['plate', 'plates'],
  'home-weight': ['weight', 'weights'],
  machine: ['on the machine', 'on the machines'],
};

/** What a load is made of: 'bell', 'dumbbells', 'with the bar', 'bodyweight'. */
export const formatPieceTypes = (load: Pick<Load, 'implements'>): string => {
  const bar = barOf(load);
  if (bar) return PIECE_WORDS[bar.type][0];
  return load.implements.length === 0
    ? 'bodyweight'
    : [...new Set(load.implements.map(({ type, count }) => PIECE_WORDS[type][count > 1 ? 1 : 0]))].join(' + ');
};

/** A load in one go: '24 kg bell', '2 × 10 kg', '60 kg with the bar', 'bodyweight'. A pair goes without saying what it is a pair of. */
export const formatLoad = (load: Pick<Load, 'implements'>): string => {
  if (load.implements.length === 0) return 'bodyweight';
  const isPair = !barOf(load) && load.implements.some(({ count }) => count > 1);
  return isPair ? formatPieces(load) : `${formatPieces(load)} ${formatPieceTypes(load)}`;
};

/**
 * One side of a bar, from the collar out: '20 + 5 + 1.25 kg a side'; 'empty bar' without plates.
 * @example formatSide([{ value: 20, unit: 'kg' }]) // '20 kg a side'
 */
export const formatSide = (side: BarSetup['side']): string =>
  side.length === 0
    ? 'empty bar'
    : `${side.map(({ value }) => formatNumber(value, 2)).join(' + ')} ${side[0]?.unit ?? ''} a side`;

/** Rest as minutes and seconds: '1:30'. */
export const formatRest = (seconds: number): string =>
  `${Math.floor(seconds / 60)}:${String(Math.round(seconds % 60)).padStart(2, '0')}`;

/** A rep range: '8–12', or '8' when both ends meet; '30 s' of a timed set. */
export const formatReps = (dose: Pick<Dose, 'repsLow' | 'repsHigh' | 'repsBeyond' | 'seconds'>): string => {
  if (dose.seconds !== undefined) return `${dose.seconds} s`;
  return dose.repsLow === repsTop(dose) ? String(dose.repsLow) : `${dose.repsLow}–${repsTop(dose)}`;
};

/** The reps to aim at inside the range, where there is a view: ' (aim 10)'. */
export const formatAim = (dose: Pick<Dose, 'repsAim' | 'repsHigh' | 'repsBeyond'>): string =>
  dose.repsAim === undefined || dose.repsAim === repsTop(dose) ? '' : ` (aim ${dose.repsAim})`;

/** Sets and reps with the side said: '3 × 8–12 a side'. */
export const formatSets = (dose: Dose, stance: Stance): string =>
  `${dose.sets} × ${formatReps(dose)}${isPerSide(stance) ? ' a side' : ''}`;

/** A dose on one line: '3 × 8–12 · 24 kg bell · 3-1-1-0 · rest 1:30 · 2 in reserve'. `role`: the stretch it stands in, where that is known. */
export const formatDose = (dose: Dose, stance: Stance, role?: Role): string =>
  [
    formatSets(dose, stance),
    formatLoad(dose.load),
    ...(dose.seconds === undefined ? [formatTempo(dose.tempo)] : []),
    `rest ${formatRest(dose.restSeconds)}`,
    ...(asksReserve(dose, role) ? [`${dose.reserve} in reserve`] : []),
  ].join(' · ');
