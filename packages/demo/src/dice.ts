import { uniformInt } from 'pure-rand/distribution/uniformInt';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';

/** A seeded source of chance: the same seed gives the same studio. */
export interface Dice {
  /** A whole number from low to high, both included. */
  whole(low: number, high: number): number;
  /** True in this share of cases. */
  chance(share: number): boolean;
}

/** Dice from a seed and a word, so that one person's logs don't hang on another's. */
export const diceFor = (seed: number, word: string): Dice => {
  const salt = [...word].reduce((sum, letter) => (sum * 31 + letter.charCodeAt(0)) | 0, seed);
  const source = xoroshiro128plus(salt);
  const whole = (low: number, high: number) => uniformInt(source, low, high);
  return { whole, chance: (share) => whole(0, 999) < share * 1000 };
};
