import { exercisesOf, runningRest } from '@drubo/core/live';
import { aDetail, aLoggedSet, aSessionRecord, aSheet } from '../../../tests/builders';
import { onTheFloor } from './floor';
import { START } from './place';

const restOf = (sets: ReturnType<typeof aLoggedSet>[], place: Partial<typeof START> = {}, detail = aDetail(sets)) =>
  runningRest(exercisesOf(onTheFloor(detail)), sets, { ...START, ...place });

describe('the rest that runs', () => {
  it('is the planned one after the set logged last, and nothing before any', () => {
    expect(restOf([])).toBeNull();
    expect(restOf([aLoggedSet()])).toMatchObject({ restSeconds: 90, reasons: [] });
  });

  it('grows after a set that went to the end, says why, and can be lengthened or cut', () => {
    const hard = aLoggedSet({ reserve: 0 });
    expect(restOf([hard])).toMatchObject({ restSeconds: 135, reasons: [{ code: 'rest-longer-short' }] });
    expect(restOf([hard], { addedRest: { setId: hard.id, seconds: 60 } })?.restSeconds).toBe(195);
    expect(restOf([hard], { addedRest: { setId: 'another', seconds: 60 } })?.restSeconds).toBe(135);
    expect(restOf([hard], { skippedRestAfter: hard.id })).toBeNull();
  });

  it('one leg done, the other goes at once', () => {
    const left = aLoggedSet({ itemId: 'item-lunge-1', side: 'left' });
    expect(restOf([left])).toBeNull();
    expect(
      restOf([left, aLoggedSet({ id: 'r', itemId: 'item-lunge-1', side: 'right', loggedAt: '2026-11-23T09:02:00.000Z' })]),
    ).not.toBeNull();
  });

  it('inside a round there is none; after it the round’s', () => {
    const sheet = aSheet({ blocks: [{ id: 'b0', role: 'main', kind: 'rounds', roundRestSeconds: 75 }] });
    const [first, last] = [aLoggedSet(), aLoggedSet({ id: 'z', itemId: 'item-bridge-1', loggedAt: '2026-11-23T09:09:00.000Z' })];
    expect(restOf([first], {}, { ...aDetail([first]), sheet })).toBeNull();
    expect(restOf([first, last], {}, { ...aDetail([first, last]), sheet })?.restSeconds).toBe(75);
  });
});

describe('the floor', () => {
  const swap = () => {
    const [, hinge] = aSheet().items;
    const { proposed: _, why: __, lastTime: ___, past: ____, edited: _____, ...item } = hinge!;
    return aSessionRecord({
      kind: 'swap',
      itemId: hinge!.id,
      item: { ...item, id: 'in-1', slot: 'hinge-2', variationId: 'kettlebell-deadlift' },
      because: 'kit',
    });
  };
  const at = (detail: ReturnType<typeof aDetail>) => exercisesOf(onTheFloor(detail)).map(({ item, isOpen }) => [item.id, isOpen]);

  it('a stand-in stands where the other stood, which is closed; it knows nothing of its own yet', () => {
    const detail = { ...aDetail(), records: [swap()] };
    expect(at(detail).slice(1, 3)).toEqual([
      ['item-hinge-1', false],
      ['in-1', true],
    ]);
    expect(onTheFloor(detail).sheet.items[2]).toMatchObject({ past: [], lastTime: null, proposed: { sets: 2 } });
  });

  it('what the server knows of it is taken over', () => {
    const [, hinge] = aSheet().items;
    const known = { ...hinge!, id: 'in-1', variationId: 'kettlebell-deadlift', past: [{ sessionId: 's' } as never] };
    expect(onTheFloor({ ...aDetail(), records: [swap()], floorItems: [known] }).sheet.items[2]?.past).toHaveLength(1);
  });

  it('sets aimed at are owed, more or fewer than the sheet says; what was done keeps its row', () => {
    const sets = (count: number) => aSessionRecord({ kind: 'sets', itemId: 'item-squat-1', sets: count, because: 'time' });
    const rows = (records: ReturnType<typeof sets>[], done = 0) =>
      exercisesOf(
        onTheFloor({
          ...aDetail(Array.from({ length: done }, (_, setIndex) => aLoggedSet({ id: `d${setIndex}`, setIndex }))),
          records,
        }),
      )[0]?.rows.filter(({ slot }) => slot.kind === 'work').length;
    expect([rows([]), rows([sets(1)]), rows([sets(4)]), rows([sets(1)], 2)]).toEqual([2, 1, 4, 2]);
  });
});
