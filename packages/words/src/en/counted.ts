import { formatNumber, pluralOf } from '../formats';

/** A number with the word for what is counted: '1 set', '3 sets', '2.5 sets'. */
export const counted = (count: number, one: string, many = `${one}s`): string =>
  `${formatNumber(count)} ${pluralOf(count) === 'one' ? one : many}`;
