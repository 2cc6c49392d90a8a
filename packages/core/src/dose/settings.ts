import type { Variation } from '../catalogue/types';
import type { Load } from '../kit';
import type { LeverValues } from '../vocabulary';
import { tempoAfter } from './lever-tempo';
import { nearestTempo } from './tempo';
import type { Dose } from './types';

/** The load nearest to a setting in kg, among those the kit makes. */
const nearestTo = (loads: readonly Load[], kg: number): Load | undefined =>
  [...loads].sort((a, b) => Math.abs(a.externalKg - kg) - Math.abs(b.externalKg - kg))[0];

/**
 * A dose as its settings have it: a tempo or a hold is what is planned, paced, timed and counted, a load setting is the
 * load. Settings that are not given change nothing; doing it twice is doing it once. A tempo nobody can move at becomes the
 * nearest possible.
 */
export const withSettings = (variation: Variation, values: LeverValues, dose: Dose, loads: readonly Load[]): Dose => {
  const slow =
    values.tempo === undefined || values.tempo === 'plain'
      ? dose.tempo
      : tempoAfter(variation, dose.tempo, 'tempo', values.tempo);
  const hold = values['top-hold'];
  const tempo = typeof hold === 'number' ? tempoAfter(variation, slow, 'top-hold', Math.max(hold, holdOf(slow))) : slow;
  const counterweight = values.counterweight;
  const load = counterweight === undefined ? undefined : nearestTo(loads, typeof counterweight === 'number' ? counterweight : 0);
  return { ...dose, tempo: dose.seconds === undefined ? nearestTempo(tempo) : tempo, ...(load ? { load } : {}) };
};

const holdOf = ({ top }: Dose['tempo']): number => (top === 'x' ? 1 : top);
