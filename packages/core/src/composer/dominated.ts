import type { Option } from './option';

/** So many options that are alike and better make one not worth looking at. Two, since one of them may stand elsewhere already. */
const BETTER = 2;

const isBetter = (a: Option, b: Option): boolean =>
  a.value >= b.value && a.seconds <= b.seconds && (a.value > b.value || a.seconds < b.seconds || a.key < b.key);

/**
 * A group without what can't be part of a better session: options that bring the very same, lean the same way and ask for the
 * same place, and are worth less or take longer than two others. `placeOf`: what an option has to stand at.
 */
export const withoutDominated = (group: readonly Option[], placeOf: (option: Option) => string): Option[] => {
  const alike = new Map<string, Option[]>();
  for (const option of group) {
    const signature = JSON.stringify([option.covers, option.tilts, option.cap, option.role, option.isLead, placeOf(option)]);
    alike.set(signature, [...(alike.get(signature) ?? []), option]);
  }
  const dominated = new Set(
    [...alike.values()].flatMap((options) =>
      options.filter((one) => new Set(options.filter((other) => isBetter(other, one)).map(({ key }) => key)).size >= BETTER),
    ),
  );
  return group.filter((option) => !dominated.has(option));
};
