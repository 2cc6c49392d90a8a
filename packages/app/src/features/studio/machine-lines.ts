import { fromKg, readSizes, toKg } from '@drubo/core';
import type { KitMachine } from '@drubo/core';
import { formatNumber } from '@drubo/words/explain';
import type { KitItem, MassUnit } from '@drubo/core/vocabulary';
import { readNumber } from '../../ui/measure';
import { PROBLEMS, writeSizes } from '../../parts/kit/kit-lines';
import { studioWords } from '@drubo/words/screens/studio';

const words = studioWords.machineLinesText;

/** A machine as it is typed: its steps as a line, and what it moves with nothing set. */
export interface MachineLine {
  id: string;
  item: KitItem;
  name: string;
  text: string;
  start: string;
  unit: MassUnit;
  assists: boolean;
  /** The machine as it is stored, with its line as it was first written: what isn't changed stays to the last digit and label. */
  was?: { machine: KitMachine; text: string; start: string };
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

/** Masses this near are one step: what a label says and what is stored differ by rounding alone. */
const SAME_KG = 0.005;

/** The unit a machine's labels are printed in: pounds where every label is the pounds of its mass. */
const unitOf = ({ steps }: KitMachine): MassUnit =>
  steps.length > 0 && steps.every(({ label, kg }) => Math.abs(toKg(Number(label), 'lb') - kg) < SAME_KG) ? 'lb' : 'kg';

const valueOf = ({ label, kg }: KitMachine['steps'][number], unit: MassUnit): number => (unit === 'lb' ? Number(label) : kg);

export const machineLinesOf = (machines: readonly KitMachine[]): MachineLine[] =>
  machines.map((machine) => {
    const { id, item, name, steps, startKg, assists } = machine;
    const unit = unitOf(machine);
    const text = writeSizes(steps.map((step) => valueOf(step, unit)));
    const start = startKg === 0 ? '' : formatNumber(fromKg(startKg, unit), 2);
    return { id, item, name, text, start, unit, assists, was: { machine, text, start } };
  });

/** Steps as they are typed; one that was there before keeps its label and its mass. */
const stepsOf = ({ text, unit, was }: MachineLine, sizes: readonly number[]): KitMachine['steps'] => {
  if (was?.text === text) return was.machine.steps;
  const before = was?.machine.steps ?? [];
  return sizes.map(
    (value) =>
      before.find((step) => Math.abs(toKg(valueOf(step, unit), unit) - toKg(value, unit)) < SAME_KG) ?? {
        label: formatNumber(value, 2),
        kg: toKg(value, unit),
      },
  );
};

/** What lines of machines come to, and for each what is wrong with it. */
export const machinesOf = (lines: readonly MachineLine[]): { machines: KitMachine[]; problems: (string | null)[] } => {
  const machines: KitMachine[] = [];
  const problems = lines.map((line): string | null => {
    const { id, item, name, text, start, unit, assists, was } = line;
    const read = readSizes(text);
    const startValue = readNumber(start);
    if (!read.ok) return `${read.part === '' ? '' : `“${read.part}” `}${PROBLEMS[read.problem]}`;
    if (startValue === undefined) return words.startsAtSomethingThat;
    const startKg = was?.start === start ? was.machine.startKg : toKg(startValue ?? 0, unit);
    machines.push({ id, item, name: name.trim() || item, steps: stepsOf(line, read.sizes), startKg, assists });
    return null;
  });
  return { machines, problems };
};
