/** A source of numbers in [0, 1); the seed belongs to whoever makes it. */
export type Random = () => number;

/** One draw from a normal distribution. Method: Box and Muller 1958. */
export const normal = (random: Random, mean: number, sd: number): number => {
  const away = Math.sqrt(-2 * Math.log(1 - random()));
  return mean + sd * away * Math.cos(2 * Math.PI * random());
};

export const uniform = (random: Random, low: number, high: number): number => low + (high - low) * random();

/** Student's t with `freedom` degrees, scaled to unit variance: heavier tails than the normal's. */
export const heavyTailed = (random: Random, freedom: number): number => {
  let squares = 0;
  for (let i = 0; i < freedom; i += 1) squares += normal(random, 0, 1) ** 2;
  return normal(random, 0, 1) / Math.sqrt(squares / freedom) / Math.sqrt(freedom / (freedom - 2));
};

/** One of the choices, by weight. */
export const pick = <T>(random: Random, choices: readonly (readonly [T, number])[]): T => {
  let at = random() * choices.reduce((sum, [, weight]) => sum + weight, 0);
  for (const [value, weight] of choices) {
    at -= weight;
    if (at < 0) return value;
  }
  const last = choices.at(-1);
  if (!last) throw new Error('pick needs a choice');
  return last[0];
};
