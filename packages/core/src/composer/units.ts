import { inOrder } from './arrange';
import type { Unit } from './arrange';
import { drillsFor } from './pair-drills';
import type { fitTogether, standingNeeds } from './kit-together';
import type { Option } from './option';
import type { ShapeRule } from './shapes';
import type { SheetInput } from './types';
import { isPaired } from './variants';
import type { Variant } from './variants';

const inTwos = (options: readonly Option[]): Option[][] =>
  options.reduce<Option[][]>(
    (pairs, option, at) => (at % 2 === 0 ? [...pairs, [option]] : [...pairs.slice(0, -1), [...(pairs.at(-1) ?? []), option]]),
    [],
  );

/** Rest after a round of a pair: the longer of the two, as each already rests while the other works. */
const pairRest = (options: readonly Option[]): number =>
  Math.max(15, Math.round((0.5 * options.reduce((sum, { item }) => sum + item.dose.restSeconds, 0)) / options.length / 15) * 15);

/** Both of a pair with the sets of the one that has fewer. */
const evened = (options: readonly Option[]): Option[] => {
  const sets = Math.min(...options.map(({ item }) => item.dose.sets));
  return options.map((option) => ({ ...option, item: { ...option.item, dose: { ...option.item.dose, sets } } }));
};

/** What was chosen as units in order: drills, lifts, accessories, the finisher. */
export const unitsOf = (
  input: SheetInput,
  variant: Variant,
  rule: ShapeRule,
  chosen: readonly Option[],
  place: { room: Parameters<typeof standingNeeds>[1]; things: Parameters<typeof fitTogether>[1] },
): Unit[] => {
  const ordered = inOrder(input.planned?.led ?? null);
  const isSkill = ({ item }: Option): boolean => rule.skills.includes(item.slot);
  // What is practised comes while they are fresh.
  const of = (role: Option['role']) =>
    chosen.filter((option) => option.role === role).sort((a, b) => Number(isSkill(b)) - Number(isSkill(a)) || ordered(a, b));
  const alone = (option: Option): Unit => ({ role: option.role, options: [option], roundRestSeconds: 0 });
  const prep = chosen.filter((option) => option.role === 'prep').map(alone);
  if (variant.rounds !== null && rule.rounds) {
    const [leads, work] = [
      of('main').filter(({ isLead }) => isLead),
      [...of('main'), ...of('accessory')].filter(({ isLead }) => !isLead),
    ];
    const round: Unit[] = work.length === 0 ? [] : [{ role: 'main', options: work, roundRestSeconds: rule.rounds.restSeconds }];
    return [...prep, ...leads.map(alone), ...round];
  }
  if (rule.pairs === 'drills') {
    const lifts = [...of('main'), ...of('accessory')];
    const drills = drillsFor(input, lifts, place);
    const pairs = lifts.map((lift, at): Unit => {
      const drill = drills[at];
      const roundRestSeconds = Math.round(((2 / 3) * lift.item.dose.restSeconds) / 15) * 15;
      return drill ? { role: lift.role, options: [lift, drill], roundRestSeconds } : alone(lift);
    });
    return [...prep, ...pairs];
  }
  const mains = of('main');
  const last = mains.filter((option) => isPaired(variant, option));
  const first = mains.filter((option) => !isPaired(variant, option));
  const together = (options: readonly Option[], role: Option['role']): Unit[] =>
    inTwos(options).map((pair): Unit => {
      const [one] = pair;
      if (pair.length === 1 && one) return alone(one);
      return { role, options: evened(pair), roundRestSeconds: pairRest(pair) };
    });
  const accessories = of('accessory');
  return [
    ...prep,
    ...first.map(alone),
    ...together(last, 'main'),
    ...(variant.accessories === 'paired' ? together(accessories, 'accessory') : accessories.map(alone)),
    ...of('finisher').map(alone),
  ];
};
