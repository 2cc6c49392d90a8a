/** Rows by a key, in the order they came. */
export const grouped = <Row>(rows: readonly Row[], keyOf: (row: Row) => string): Map<string, Row[]> => {
  const groups = new Map<string, Row[]>();
  for (const row of rows) {
    const known = groups.get(keyOf(row));
    if (known) known.push(row);
    else groups.set(keyOf(row), [row]);
  }
  return groups;
};
