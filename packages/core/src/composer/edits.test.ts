import fc from 'fast-check';
import { aJudgeContext } from '../testing';
import { planSheet } from '.';
import {
  addItem,
  evenRounds,
  freeSlot,
  moveItem,
  moveTo,
  pairWithNext,
  removeItem,
  replaceItem,
  setRole,
  setRoundRest,
  unpair,
} from './edits';
import { blocksOf } from './content';
import type { Content, ContentItem } from './content';
import { ROLES } from '../vocabulary';

const items = planSheet({
  context: aJudgeContext(),
  tracks: [],
  stage: { sessionsDone: 10, dayOfTraining: 60, daysSinceLast: 3 },
  schools: {},
  day: 100,
  pastOf: () => [],
}).map(({ slot, variationId, dose, feelers }): ContentItem => ({ id: slot, blockId: 'b0', slot, variationId, dose, feelers }));
const straight: Content = { blocks: [{ id: 'b0', role: 'main', kind: 'straight', roundRestSeconds: 0 }], items };
const order = (content: Content | null) => content?.items.map(({ id }) => id);
/** The arrangement in short: 'main: squat | hinge+lunge'. */
const shapeOf = (content: Content): string[] =>
  blocksOf(content).map(
    ({ block, items: within }) => `${block.role}: ${within.map(({ id }) => id).join(block.kind === 'rounds' ? '+' : ' | ')}`,
  );

describe('arranging a sheet by hand', () => {
  it('moves a line up and down, and no further than the ends', () => {
    expect(order(moveItem(straight, 'hinge', -1))).toEqual(['hinge', 'squat', 'lunge', 'bridge']);
    expect(order(moveItem(straight, 'hinge', 1))).toEqual(['squat', 'lunge', 'hinge', 'bridge']);
    expect(moveItem(straight, 'squat', -1)).toBeNull();
    expect(moveItem(straight, 'bridge', 1)).toBeNull();
  });

  it('pairs with the next, rests half as long together, and comes apart again', () => {
    const paired = pairWithNext(straight, 'hinge')!;
    expect(shapeOf(paired)).toEqual(['main: squat', 'main: hinge+lunge', 'main: bridge']);
    // 90 s each alone: 45 s after both.
    expect(paired.blocks[1]).toMatchObject({ kind: 'rounds', roundRestSeconds: 45 });
    expect(shapeOf(pairWithNext(paired, 'lunge')!)).toEqual(['main: squat', 'main: hinge+lunge+bridge']);
    expect(shapeOf(unpair(paired, 'hinge'))).toEqual(['main: squat | hinge | lunge | bridge']);
    expect(pairWithNext(straight, 'bridge')).toBeNull();
  });

  it('a pair moves as one; within it the order changes first', () => {
    const paired = pairWithNext(straight, 'hinge')!;
    expect(shapeOf(moveItem(paired, 'lunge', -1)!)).toEqual(['main: squat', 'main: lunge+hinge', 'main: bridge']);
    expect(shapeOf(moveItem(paired, 'hinge', -1)!)).toEqual(['main: hinge+lunge', 'main: squat | bridge']);
  });

  it('a line takes on the role of the stretch it moves into before it moves on', () => {
    const two = setRole(straight, 'bridge', 'accessory');
    expect(shapeOf(two)).toEqual(['main: squat | hinge | lunge', 'accessory: bridge']);
    const up = moveItem(two, 'bridge', -1)!;
    expect(shapeOf(up)).toEqual(['main: squat | hinge | lunge | bridge']);
    expect(shapeOf(moveItem(up, 'bridge', -1)!)).toEqual(['main: squat | hinge | bridge | lunge']);
  });

  it('a line dropped on another stands in its place and in its stretch', () => {
    const two = setRole(straight, 'bridge', 'accessory');
    expect(shapeOf(moveTo(two, 'bridge', 'squat'))).toEqual(['main: bridge | squat | hinge | lunge']);
    expect(order(moveTo(straight, 'squat', 'lunge'))).toEqual(['hinge', 'lunge', 'squat', 'bridge']);
    expect(moveTo(straight, 'squat', 'squat')).toBe(straight);
  });

  it('what is added stands last of its role; what leaves a pair leaves the other alone', () => {
    const extra = { ...items[0]!, id: 'clam', slot: freeSlot(straight, 'squat') };
    expect(extra.slot).toBe('squat-2');
    expect(shapeOf(addItem(straight, extra, 'prep'))).toEqual(['prep: clam', 'main: squat | hinge | lunge | bridge']);
    expect(shapeOf(removeItem(pairWithNext(straight, 'hinge')!, 'hinge'))).toEqual(['main: squat | lunge | bridge']);
  });

  it('numbers of one line and the rest of a round change nothing else', () => {
    const paired = pairWithNext(straight, 'hinge')!;
    const heavier = replaceItem(paired, 'hinge', { ...items[1]!, dose: { ...items[1]!.dose, sets: 5 } });
    expect(shapeOf(heavier)).toEqual(shapeOf(paired));
    expect(evenRounds(heavier, 'lunge').items.map(({ dose }) => dose.sets)).toEqual([3, 5, 5, 3]);
    expect(setRoundRest(paired, 'hinge', 75).blocks.map(({ roundRestSeconds }) => roundRestSeconds)).toEqual([0, 75, 0]);
  });

  it('whatever is done, every exercise stands in one block, blocks are never empty, and none is lost', () => {
    const id = fc.constantFrom(...items.map((item) => item.id));
    const edit = fc.oneof(
      fc.tuple(id, fc.constantFrom(1 as const, -1 as const)).map(
        ([one, by]) =>
          (now: Content) =>
            moveItem(now, one, by) ?? now,
      ),
      id.map((one) => (now: Content) => pairWithNext(now, one) ?? now),
      id.map((one) => (now: Content) => unpair(now, one)),
      fc.tuple(id, id).map(
        ([one, onto]) =>
          (now: Content) =>
            moveTo(now, one, onto),
      ),
      fc.tuple(id, fc.constantFrom(...ROLES)).map(
        ([one, role]) =>
          (now: Content) =>
            setRole(now, one, role),
      ),
    );
    fc.assert(
      fc.property(fc.array(edit, { maxLength: 25 }), (edits) => {
        const end = edits.reduce((now, apply) => apply(now), straight);
        expect([...order(end)!].sort()).toEqual(items.map((item) => item.id).sort());
        expect(blocksOf(end).flatMap(({ items: within }) => within.map((item) => item.id))).toEqual(order(end));
        expect(blocksOf(end)).toHaveLength(end.blocks.length);
        for (const { block, items: within } of blocksOf(end)) expect(within.length > 1 || block.kind === 'straight').toBe(true);
      }),
    );
  });
});
