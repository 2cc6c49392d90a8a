/** Words of movements that are names and keep their capital. */
const PROPER = new Set(['Cossack', 'Nordic', 'Romanian', 'Zercher']);

/**
 * A name or a label as it stands inside a sentence: its first letter small, unless the first word is a name or written
 * in capitals. The rest stays as it is.
 *
 * @example inSentence('Dumbbell Romanian deadlift') // 'dumbbell Romanian deadlift'
 * @example inSentence('Nordic curl') // 'Nordic curl'
 */
export const inSentence = (text: string): string => {
  const [first = ''] = text.split(/[ ,]/);
  const isName = PROPER.has(first) || (first.length > 1 && first === first.toUpperCase() && first !== first.toLowerCase());
  return isName ? text : text.charAt(0).toLowerCase() + text.slice(1);
};
