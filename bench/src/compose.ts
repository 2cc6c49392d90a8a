import { allowedLoads, defaultKit, roomOf } from '@drubo/core';
import type { Kit } from '@drubo/core';
import { builtInCatalogue, getVariation } from '@drubo/core/catalogue';
import { addItem, balanceOf, compose, fetchList, planItem, solve, timedBlocks, warningsOf } from '@drubo/core/composing';
import type { Content, ContentItem, Problem, SheetInput, SolverOption } from '@drubo/core/composing';
import { sessionMinutes } from '@drubo/core/dose';
import { PAIN_NOT_ASKED } from '@drubo/core/judging';
import { accessTo } from '@drubo/core/selection';
import { GOALS, LIMITS, SESSION_SHAPES, STUDIO_ITEMS, TRAINING_AGES } from '@drubo/core/vocabulary';
import type { LeverValues } from '@drubo/core/vocabulary';
import { percentiles } from './percentiles';

const COMPOSE_AIM_MS = 300;
const SUMS_AIM_MS = 50;
const LONG_SHEET = 40;

/** A small seeded generator (mulberry32), so that a run can be told apart by its seed alone. */
const diceFrom = (seed: number): (() => number) => {
  let state = seed;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4_294_967_296;
  };
};
type Dice = () => number;
const oneOf = <T>(dice: Dice, list: readonly T[]): T => list[Math.floor(dice() * list.length)] as T;
const some = <T>(dice: Dice, list: readonly T[], share: number): T[] => list.filter(() => dice() < share);

const inputFor = (dice: Dice): SheetInput => {
  const usual = defaultKit('kg');
  const share = 0.2 + dice() * 0.8;
  const kit: Kit = { ...usual, pieces: some(dice, usual.pieces, share), gear: some(dice, usual.gear, share) };
  const sessionsDone = oneOf(dice, [0, 2, 10, 60]);
  return {
    context: {
      catalogue: builtInCatalogue,
      kit,
      room: roomOf(kit, some(dice, STUDIO_ITEMS, share)),
      person: { goal: oneOf(dice, GOALS), trainingAge: oneOf(dice, TRAINING_AGES), massKg: 45 + Math.round(dice() * 70) },
      limits: some(dice, LIMITS, 0.06).map((limit) => ({ limit, severity: 1 + Math.floor(dice() * 8) })),
      pain: PAIN_NOT_ASKED,
    },
    tracks: [],
    stage: { sessionsDone, dayOfTraining: sessionsDone * 4, daysSinceLast: sessionsDone === 0 ? null : 3 },
    schools: {},
    drills: some(dice, ['ankle-rock', 'clam', 'lateral-band-walk', 'rock-back'], 0.3),
    day: 100,
    pastOf: () => [],
  };
};

/** Rules a composed sheet broke, counted: there should be none. */
const brokenRules = (input: SheetInput, made: ReturnType<typeof compose>, minutes: number): number =>
  Number(made.minutes > minutes) +
  made.items.filter(({ variationId }) => accessTo(getVariation(builtInCatalogue, variationId), input.context).state === 'locked')
    .length;

const smallProblem = (dice: Dice): Problem => ({
  groups: Array.from({ length: 6 }, (_, group) =>
    Array.from({ length: 6 }, (_unused, at): SolverOption => ({
      key: `${group}-${at}`,
      value: dice() * 10,
      seconds: 60 + dice() * 500,
      covers: [dice() * 3, dice() * 3],
      tilts: [Math.round(dice() * 6 - 3)],
      cap: 0,
    })),
  ),
  budgetSeconds: 1_500,
  needs: [
    { amount: 5, weight: 0.5 },
    { amount: 4, weight: 0.5 },
  ],
  balances: [{ width: 2, weight: 0.5 }],
  caps: [5],
});

/** Every choice, one after another. */
const tryAll = ({ groups, budgetSeconds, needs, balances, caps }: Problem): number => {
  let best = 0;
  const visit = (at: number, picked: readonly SolverOption[]): void => {
    if (at < groups.length) {
      visit(at + 1, picked);
      for (const option of groups[at] ?? []) visit(at + 1, [...picked, option]);
      return;
    }
    const sum = (of: (option: SolverOption) => number) => picked.reduce((total, option) => total + of(option), 0);
    if (picked.length > (caps[0] ?? 0) || sum(({ seconds }) => seconds) > budgetSeconds) return;
    const covered = needs.reduce(
      (total, { amount, weight }, need) =>
        total +
        weight *
          Math.min(
            amount,
            sum(({ covers }) => covers[need] ?? 0),
          ),
      0,
    );
    const leaning = balances.reduce(
      (total, { width, weight }, one) => total + weight * Math.max(0, Math.abs(sum(({ tilts }) => tilts[one] ?? 0)) - width),
      0,
    );
    best = Math.max(best, sum(({ value }) => value) + covered - leaning);
  };
  visit(0, []);
  return best;
};

const timed = <T>(work: () => T): { ms: number; result: T } => {
  const began = performance.now();
  const result = work();
  return { ms: performance.now() - began, result };
};

const againstTryingAll = (dice: Dice): string => {
  let [exact, all, differ] = [0, 0, 0];
  for (let at = 0; at < 20; at += 1) {
    const problem = smallProblem(dice);
    const mine = timed(() => solve(problem));
    const theirs = timed(() => tryAll(problem));
    exact += mine.ms;
    all += theirs.ms;
    if (Math.abs(mine.result.score - theirs.result) > 1e-6) differ += 1;
  }
  return `  against trying all of 6 × 6 choices: ${(exact / all).toFixed(3)} of its time, ${differ} of 20 answers differ`;
};

interface LongItem extends ContentItem {
  values: LeverValues;
}

const sumsOfLongSheet = (): string => {
  const input = inputFor(diceFrom(3));
  const full: SheetInput = { ...input, context: { ...input.context, kit: defaultKit('kg'), limits: [] } };
  const content = builtInCatalogue.variations.slice(0, LONG_SHEET).reduce<Content<LongItem>>(
    (sheet, { id }) => {
      const { dose, feelers, values } = planItem(full, { slot: id, role: 'main' }, { variationId: id, values: {}, reasons: [] });
      return addItem(sheet, { id, blockId: '', slot: id, variationId: id, dose, feelers, values }, 'main');
    },
    { blocks: [], items: [] },
  );
  const variationOf = (id: string) => getVariation(builtInCatalogue, id);
  const times = Array.from({ length: 60 }, (_, at) => {
    // A keystroke: one number of one exercise.
    const items = content.items.map((item, line) =>
      line === at % LONG_SHEET ? { ...item, dose: { ...item.dose, sets: 1 + (at % 6) } } : item,
    );
    const now = { ...content, items };
    return timed(() => {
      const blocks = timedBlocks(
        now,
        (item) => variationOf(item.variationId),
        (item) => allowedLoads(full.context.kit, [], variationOf(item.variationId), item.values),
      );
      const minutes = sessionMinutes(blocks);
      fetchList(now, (item) => variationOf(item.variationId), full.context.room ?? new Set());
      balanceOf(now, variationOf);
      return warningsOf(full, now, { minutes, budget: 60 }).length;
    }).ms;
  });
  const { p50, p95 } = percentiles(times);
  return `  sums and warnings of ${LONG_SHEET} exercises after a keystroke: median ${p50.toFixed(1)} ms, ${(p50 / SUMS_AIM_MS).toFixed(2)} of the aim of ${SUMS_AIM_MS} ms; p95 ${p95.toFixed(1)} ms`;
};

/** Composing for random people, kits and minutes on the full catalogue, every rule checked; and the editor's sums. */
export const benchCompose = (seed: number, people: number): string[] => {
  const dice = diceFrom(seed);
  let [broken, cut, empty] = [0, 0, 0];
  const times = Array.from({ length: people }, () => {
    const input = inputFor(dice);
    const minutes = 8 + Math.floor(dice() * 75);
    const shape = oneOf(dice, SESSION_SHAPES);
    const { ms, result } = timed(() => compose(input, { shape, minutes }));
    broken += brokenRules(input, result, minutes);
    if (!result.isOptimal) cut += 1;
    if (result.items.length === 0) empty += 1;
    return ms;
  });
  const usual = Array.from({ length: 60 }, (_, at) => {
    const base = inputFor(diceFrom(at));
    const input: SheetInput = {
      ...base,
      context: { ...base.context, kit: defaultKit('kg'), room: roomOf(defaultKit('kg'), STUDIO_ITEMS), limits: [] },
    };
    return timed(() => compose(input, { minutes: 30 + (at % 7) * 10 })).ms;
  });
  const [all, full] = [percentiles(times), percentiles(usual)];
  return [
    `Composing for ${people} random people, kits, minutes and shapes (seed ${seed}):`,
    `  ${broken} rules broken, ${cut} searches cut off, ${empty} with nothing open or no time`,
    `  any shape: median ${all.p50.toFixed(0)} ms, p95 ${all.p95.toFixed(0)} ms, ${(all.p95 / COMPOSE_AIM_MS).toFixed(2)} of the aim of ${COMPOSE_AIM_MS} ms`,
    `  full kit, usual shape: median ${full.p50.toFixed(0)} ms, p95 ${full.p95.toFixed(0)} ms, ${(full.p95 / COMPOSE_AIM_MS).toFixed(2)} of the aim`,
    againstTryingAll(dice),
    sumsOfLongSheet(),
  ];
};
