import { nextRevision, withRevision } from './revised';
import type { Known } from './revised';

interface Row {
  id: string;
  revision: number;
  removed: boolean;
  said: string;
}
const row = (id: string, revision: number, removed = false): Row => ({ id, revision, removed, said: `${id} ${revision}` });
const after = (...rows: Row[]): Known<Row> => rows.reduce<Known<Row>>(withRevision, { rows: [], gone: [] });
const shown = ({ rows, gone }: Known<Row>) => [rows.map(({ said }) => said), gone.map(({ id, revision }) => `${id} ${revision}`)];

describe('one more revision of something that is kept by revisions', () => {
  it('the newest stands, in whatever order they come', () => {
    expect(shown(after(row('a', 1), row('a', 3), row('a', 2)))).toEqual([['a 3'], []]);
    expect(shown(after(row('a', 2), row('a', 2), row('b', 1)))).toEqual([['a 2', 'b 1'], []]);
  });

  it('what is taken away is said to be gone, once, and by its last revision', () => {
    expect(shown(after(row('a', 1), row('a', 2, true)))).toEqual([[], ['a 2']]);
    expect(shown(after(row('a', 2, true), row('a', 1)))).toEqual([[], ['a 2']]);
    expect(shown(after(row('a', 2, true), row('a', 4, true)))).toEqual([[], ['a 4']]);
    expect(shown(after(row('a', 1), row('a', 2, true), row('a', 3)))).toEqual([['a 3'], []]);
  });

  it('a write that waits is one more than the newest that is known, there or gone', () => {
    expect(nextRevision(after(), 'a')).toBe(1);
    expect(nextRevision(after(row('a', 1), row('a', 2, true), row('b', 7)), 'a')).toBe(3);
  });

  it('what says nothing new leaves what is known as it is', () => {
    const known = after(row('a', 2));
    expect(withRevision(known, row('a', 2))).toBe(known);
  });
});
