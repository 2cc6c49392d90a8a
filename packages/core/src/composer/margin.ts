/**
 * Minutes kept free, s: things take longer than planned. From `idleShare` of them free on, minutes are idle: less is the margin and
 * what was kept for ramps and feelers that were none. House default.
 */
export const MARGIN = { share: 0.04, leastSeconds: 60, idleShare: 0.15 } as const;
