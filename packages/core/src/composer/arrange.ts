import type { Variation } from '../catalogue';
import { isPerSide } from '../vocabulary';
import type { Role } from '../vocabulary';
import type { Block, Content } from './content';
import { needsBar } from '../dose';
import type { Option } from './option';
import type { PlannedItem } from './types';

/** An exercise of a composed sheet, not stored yet. */
export interface ComposedItem extends PlannedItem {
  id: string;
  blockId: string;
}

export interface Composed extends Content<ComposedItem> {
  blocks: Block[];
  items: ComposedItem[];
}

/** How early an exercise belongs: jumps and swings, then squats and hinges with a bar on two legs, then the rest. */
export const heaviness = ({ family, stance, kit }: Pick<Variation, 'family' | 'stance' | 'kit'>): number => {
  if (family === 'power') return 2;
  return (family === 'squat' || family === 'hinge') && !isPerSide(stance) && needsBar({ kit }) ? 1 : 0;
};

/** Families in the order they are trained. */
export const FAMILY_ORDER: readonly string[] = [
  'power',
  'squat',
  'hinge',
  'lunge',
  'step',
  'lateral',
  'bridge',
  'calf',
  'trunk',
  'prep',
  'finisher',
];

/** What the day leads with, then heavy and skilful work, then by family. */
export const inOrder =
  (led: string | null) =>
  (a: Option, b: Option): number =>
    Number(b.item.slot === led) - Number(a.item.slot === led) ||
    heaviness(b.variation) - heaviness(a.variation) ||
    FAMILY_ORDER.indexOf(a.variation.family) - FAMILY_ORDER.indexOf(b.variation.family) ||
    a.variation.id.localeCompare(b.variation.id);

/** Exercises that share a block: one alone stands straight, more go round. */
export interface Unit {
  role: Role;
  options: readonly Option[];
  /** Rest after each round of a unit of more than one, s. */
  roundRestSeconds: number;
}

/** Blocks and exercises of units in order; straight neighbours of one role share a block. */
export const arrange = (units: readonly Unit[]): Composed => {
  const blocks: Block[] = [];
  const items: ComposedItem[] = [];
  for (const { role, options, roundRestSeconds } of units) {
    const kind = options.length > 1 ? 'rounds' : 'straight';
    const before = blocks.at(-1);
    const joins = kind === 'straight' && before?.kind === 'straight' && before.role === role;
    if (!joins) {
      blocks.push({ id: `b${blocks.length}`, role, kind, roundRestSeconds: kind === 'rounds' ? roundRestSeconds : 0 });
    }
    for (const { item } of options) {
      items.push({ ...item, id: `i-${item.slot}`, blockId: blocks.at(-1)?.id ?? '' });
    }
  }
  return { blocks, items };
};
