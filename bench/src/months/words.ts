import type { Dose } from '@drubo/core';
import { formatTempo } from '@drubo/core/dose';

/** A dose in one short line, for reading many. */
export const formatDose = (dose: Dose): string =>
  [
    `${dose.sets} × ${dose.seconds === undefined ? `${dose.repsLow}–${dose.repsHigh}${dose.repsBeyond > 0 ? `(+${dose.repsBeyond})` : ''}${dose.repsAim === undefined ? '' : ` aim ${dose.repsAim}`}` : `${dose.seconds} s`}`,
    `${dose.load.externalKg} kg ${dose.load.position}`,
    formatTempo(dose.tempo),
    `rest ${dose.restSeconds} s`,
    `${dose.reserve} left`,
  ].join(', ');

export const formatSettings = (values: Readonly<Record<string, unknown>>): string => {
  const given = Object.entries(values);
  return given.length === 0 ? '' : ` {${given.map(([lever, value]) => `${lever} ${String(value)}`).join(', ')}}`;
};
