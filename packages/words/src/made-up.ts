const PLAIN = 'abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ';
const STRANGE = 'áƀćđéḟǵħíĵķłḿńóṕɋŕśŧúṽẃẋýźÁɃĆĐÉḞǴĦÍĴĶŁḾŃÓṔɊŔŚŦÚṼẂẊÝŹ';

/** Vowels are said twice, which makes a text about a third longer; what is strange already stays as it is. */
const spoken = (text: string): string =>
  text.replace(/[a-z]/gi, (letter) => STRANGE.charAt(PLAIN.indexOf(letter)).repeat('aeiou'.includes(letter) ? 2 : 1));

const said = (value: unknown): unknown => {
  if (typeof value === 'string') return spoken(value);
  if (typeof value === 'function') return (...given: unknown[]) => said((value as (...given: unknown[]) => unknown)(...given));
  if (Array.isArray(value)) return value.map(said);
  if (typeof value === 'object' && value !== null) {
    return Object.fromEntries(Object.entries(value).map(([key, one]) => [key, said(one)]));
  }
  return value;
};

/** The same words in the made-up tongue: every text, and what every sentence gives. Keys and numbers stay. */
export const madeUp = <Words extends object>(words: Words): Words => said(words) as Words;
