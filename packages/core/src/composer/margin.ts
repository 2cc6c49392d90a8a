/** Minutes kept free, s: things take longer than planned. House default. */
export const MARGIN = { share: 0.04, leastSeconds: 60 } as const;
