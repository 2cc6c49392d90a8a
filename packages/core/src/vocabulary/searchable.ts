/** Letters that Unicode doesn't take apart into a letter and a mark, as they are typed without them. */
const PLAIN: Readonly<Record<string, string>> = { ø: 'o', æ: 'ae', œ: 'oe', ß: 'ss', đ: 'd', ð: 'd', þ: 'th', ł: 'l', ı: 'i' };

/** A text as it is looked for: small letters without marks, so that “odeg” finds “Ødegård”. */
export const searchable = (value: string): string =>
  value
    .toLowerCase()
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .replace(/[øæœßđðþłı]/g, (letter) => PLAIN[letter] ?? letter);
