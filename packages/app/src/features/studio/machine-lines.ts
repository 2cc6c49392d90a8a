import { readSizes, toKg } from '@drubo/core';
import type { KitMachine } from '@drubo/core';
import { formatNumber } from '@drubo/core/explain';
import type { KitItem, MassUnit } from '@drubo/core/vocabulary';
import { readNumber } from '../../ui/measure';
import { PROBLEMS, writeSizes } from './kit-lines';

/** A machine as it is typed: its steps as a line, and what it moves with nothing set. */
export interface MachineLine {
  id: string;
  item: KitItem;
  name: string;
  text: string;
  start: string;
  unit: MassUnit;
  assists: boolean;
}

/** Machines that have steps of their own. */
export const MACHINES: readonly KitItem[] = [
  'leg-press',
  'hack-squat',
  'leg-extension',
  'leg-curl',
  'thrust-machine',
  'cable',
  'assisted-dip-machine',
  'sled',
  'guided-bar',
];

export const machineLinesOf = (machines: readonly KitMachine[]): MachineLine[] =>
  machines.map(({ id, item, name, steps, startKg, assists }) => ({
    id,
    item,
    name,
    text: writeSizes(steps.map(({ kg }) => kg)),
    start: startKg === 0 ? '' : formatNumber(startKg, 2),
    unit: 'kg',
    assists,
  }));

/** What lines of machines come to, and for each what is wrong with it. */
export const machinesOf = (lines: readonly MachineLine[]): { machines: KitMachine[]; problems: (string | null)[] } => {
  const machines: KitMachine[] = [];
  const problems = lines.map(({ id, item, name, text, start, unit, assists }): string | null => {
    const read = readSizes(text);
    const startValue = readNumber(start);
    if (!read.ok) return `${read.part === '' ? '' : `“${read.part}” `}${PROBLEMS[read.problem]}`;
    if (startValue === undefined) return 'starts at something that is not a number';
    const steps = read.sizes.map((value) => ({ label: formatNumber(value, 2), kg: toKg(value, unit) }));
    machines.push({ id, item, name: name.trim() || item, steps, startKg: toKg(startValue ?? 0, unit), assists });
    return null;
  });
  return { machines, problems };
};
