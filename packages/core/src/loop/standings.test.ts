import type { Decision, KeptStanding } from '../progression';
import { standingsAfter, withStandings } from './standings';
import type { SettledItem } from './settle';

const stands = (rungId: string, over: Partial<KeptStanding> = {}): KeptStanding => ({
  ladderId: 'two-leg-squat',
  rungId,
  variationId: `${rungId}-squat`,
  values: {},
  target: null,
  evidence: [],
  on: '2026-01-01',
  by: 'review',
  reasons: [],
  why: null,
  ...over,
});
const settled = (rungId: string, trainedId: string, over: Partial<SettledItem> = {}): SettledItem =>
  ({
    standing: stands(rungId),
    trainedId,
    isLate: false,
    proposal: { reasons: [{ code: 'gate-met', values: {}, basis: 'common-practice' }] } as unknown as Decision,
    ...over,
  }) as SettledItem;
const after = (before: readonly KeptStanding[], ...items: SettledItem[]) =>
  standingsAfter(before, items, '2026-02-02').map(({ ladderId, rungId }) => [ladderId, rungId]);

// Source: design: standing is per ladder, its own record; it stays when a slot goes on elsewhere.
describe('where a review leaves somebody', () => {
  it('further up, or for the first time: with the day and the reasons', () => {
    expect(standingsAfter([], [settled('goblet', 'x')], '2026-02-02')).toMatchObject([
      { rungId: 'goblet', on: '2026-02-02', by: 'review', reasons: [{ code: 'gate-met' }] },
    ]);
    expect(after([stands('goblet')], settled('back', 'goblet-squat'))).toEqual([['two-leg-squat', 'back']]);
  });

  it('down only where it is what stood there that went down: a lighter day’s movement says nothing', () => {
    expect(after([stands('back')], settled('goblet', 'goblet-squat'))).toEqual([]);
    expect(after([stands('back')], settled('goblet', 'back-squat'))).toEqual([['two-leg-squat', 'goblet']]);
  });

  it('a slot that goes on on another ladder leaves the first as it was; a late review says nothing', () => {
    const onStep = settled('bench-step', 'back-squat', { standing: stands('bench-step', { ladderId: 'one-leg-squat' }) });
    const changed = standingsAfter([stands('back')], [onStep], '2026-02-02');
    expect(withStandings([stands('back')], changed).map(({ rungId }) => rungId)).toEqual(['back', 'bench-step']);
    expect(after([stands('goblet')], settled('back', 'goblet-squat', { isLate: true }))).toEqual([]);
    expect(after([], settled('back', 'x', { standing: null }))).toEqual([]);
  });
});
