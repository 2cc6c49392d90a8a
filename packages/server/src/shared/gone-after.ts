/** Days after which nothing of somebody erased is left anywhere: no copy is kept for longer. */
export const GONE_AFTER_DAYS = 35;
