import type { Load } from '../kit';

/** Pain takes a fifth to three tenths off the load, once. House default. */
export const PAIN_CUT = { least: 0.2, aim: 0.25, most: 0.3 } as const;

/**
 * The load a painful session goes down to: a fifth to three tenths lighter as the rack makes it, else the next one down,
 * else nothing at all where that is what is left. Null at the lightest there is.
 */
export const cutLoad = (loads: readonly Load[], from: Load): Load | null => {
  const { externalKg } = from;
  const lighter = loads.filter((load) => load.externalKg < externalKg - 0.001);
  const within = lighter.filter(
    (load) =>
      load.externalKg <= externalKg * (1 - PAIN_CUT.least) + 0.001 && load.externalKg >= externalKg * (1 - PAIN_CUT.most) - 0.001,
  );
  const aim = externalKg * (1 - PAIN_CUT.aim);
  const near = [...within].sort((a, b) => Math.abs(a.externalKg - aim) - Math.abs(b.externalKg - aim))[0];
  return near ?? lighter.at(-1) ?? null;
};
