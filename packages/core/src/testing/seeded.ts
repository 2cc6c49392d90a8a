/** Numbers in [0, 1), the same for a seed every time. Method: Numerical Recipes' linear congruential generator. */
export const seeded = (seed: number): (() => number) => {
  let state = seed;
  return () => {
    state = (Math.imul(state, 1_664_525) + 1_013_904_223) >>> 0;
    return state / 2 ** 32;
  };
};
