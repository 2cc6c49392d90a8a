import type { GoneDto } from '@drubo/contracts';

interface Revised {
  id: string;
  revision: number;
  removed: boolean;
}

/** Current rows, and those that were taken away: between them the newest revision of everything that is known. */
export interface Known<Row extends Revised> {
  rows: readonly Row[];
  gone: readonly GoneDto[];
}

/** The newest revision that is known of a row; 0: it was never heard of. */
const newestOf = <Row extends Revised>({ rows, gone }: Known<Row>, id: string): number =>
  Math.max(0, ...[...rows, ...gone].filter((one) => one.id === id).map(({ revision }) => revision));

/** The revision a write that waits will be. */
export const nextRevision = <Row extends Revised>(known: Known<Row>, id: string): number => newestOf(known, id) + 1;

/** With one more revision of a row: in its place or taken away, or nothing where a newer one is known. */
export const withRevision = <Row extends Revised>(known: Known<Row>, row: Row): Known<Row> => {
  const { id, revision, removed } = row;
  if (revision <= newestOf(known, id)) return known;
  const others = known.rows.filter((one) => one.id !== id);
  const gone = known.gone.filter((one) => one.id !== id);
  return removed ? { rows: others, gone: [...gone, { id, revision }] } : { rows: [...others, row], gone };
};
