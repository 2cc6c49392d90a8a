/**
 * The edge between false and true of a test that changes once between `from` (false) and `to` (true), on the true
 * side; null where `to` is false too. 50 halvings.
 */
export const edgeOf = (from: number, to: number, isTrue: (value: number) => boolean): number | null => {
  if (!isTrue(to)) return null;
  if (isTrue(from)) return from;
  let [no, yes] = [from, to];
  for (let step = 0; step < 50; step += 1) {
    const middle = (no + yes) / 2;
    if (isTrue(middle)) yes = middle;
    else no = middle;
  }
  return yes;
};
