import { GOAL_DOSES, STATION_SECONDS } from '../dose';
import type { Option } from './option';
import type { ShapeRule } from './shapes';
import type { SheetInput } from './types';

/** What turns are worth beside straight sets, which are kept while there is time. House defaults. */
const TURNS = { pairedAccessories: -0.2, pairedMains: -0.5, round: 0.35, lead: 4 } as const;
const ODD_ONE_SECONDS = 90;

/** What goes in turn, and what that changes about time and worth. */
export interface Variant {
  accessories: 'straight' | 'paired';
  lastMains: 'straight' | 'paired';
  rounds: number | null;
  /** Whether one lift stands by itself before the rounds. */
  lead: boolean;
  worth: number;
}

/** Ways to arrange a shape, each tried. `mayLead`: one lift may stand by itself before the rounds. */
export const variantsOf = ({ rounds, pairs }: ShapeRule, mayLead: boolean): Variant[] => {
  const straight: Variant = { accessories: 'straight', lastMains: 'straight', rounds: null, lead: false, worth: 0 };
  if (rounds) {
    const inRounds = rounds.counts.map((count) => ({ ...straight, rounds: count, worth: TURNS.round * count }));
    const led = inRounds.map((variant) => ({ ...variant, lead: true, worth: variant.worth + TURNS.lead }));
    return mayLead ? [...led, ...inRounds] : inRounds;
  }
  if (pairs !== 'accessories') return [straight];
  const paired: Variant = { ...straight, accessories: 'paired', worth: TURNS.pairedAccessories };
  return [straight, paired, { ...paired, lastMains: 'paired', worth: TURNS.pairedMains }];
};

const LAST_MAINS = new Set<string>(['lunge', 'bridge']);

/** Whether an option goes in turn with another. */
export const isPaired = (variant: Variant, { role, item }: Option): boolean =>
  (role === 'accessory' && variant.accessories === 'paired') ||
  (role === 'main' && variant.lastMains === 'paired' && LAST_MAINS.has(item.slot));

/** An option's seconds where it goes in turn with another: half its rest is the other's work. */
const pairedSeconds = ({ item, seconds }: Option): number =>
  seconds - (Math.max(0, item.dose.sets - 1) * item.dose.restSeconds) / 2 + item.dose.sets * STATION_SECONDS;

/** Seconds set aside because one of a pair may stay without the other. */
export const oddSeconds = ({ context }: SheetInput, variant: Variant): number => {
  const table = GOAL_DOSES[context.person.goal];
  const main = ((table.sets[context.person.trainingAge] - 1) * table.restSeconds) / 2;
  return (variant.accessories === 'paired' ? ODD_ONE_SECONDS : 0) + (variant.lastMains === 'paired' ? main : 0);
};

/** Seconds of the drill that goes with each lift. */
const DRILL_SECONDS = 30;

/** A group's options as a variant times them. */
export const inVariant = (variant: Variant, rule: ShapeRule, group: readonly Option[]): Option[] => {
  if (variant.rounds !== null) {
    const stands = variant.lead && group.some(({ isLead }) => isLead);
    return group.filter(({ item, isLead }) => isLead === stands && (stands || item.dose.sets === variant.rounds));
  }
  if (rule.pairs === 'drills') {
    return group.map((option) => {
      const { sets, restSeconds } = option.item.dose;
      const rest = Math.max(0, sets - 1) * restSeconds;
      return { ...option, seconds: option.seconds + sets * (DRILL_SECONDS + 2 * STATION_SECONDS) + 15 - rest / 3 };
    });
  }
  return group.map((option) => (isPaired(variant, option) ? { ...option, seconds: pairedSeconds(option) } : option));
};
