import { getVariation } from '../catalogue';
import { NOT_ASKED } from '../session';
import type { CheckIn } from '../session';
import { aLoggedSet, aRunning } from '../testing';
import { adviceFor, firstSideOf } from './advice-for';

const detail = aRunning();
const item = detail.sheet.items[0]!;
const variation = getVariation(detail.catalogue, item.variationId);
const next = { kind: 'work', setIndex: 1, side: 'both' } as const;
const asked = (checkIn: CheckIn | null, sets = [aLoggedSet()], cut: readonly string[] = []) =>
  adviceFor({ ...detail, checkIn, cutToday: new Set(cut) }, item, variation, sets, next);

describe('advice is kept until what it rests on changes', () => {
  it('the same question is answered once', () => {
    expect(asked(null)).toBe(asked(null));
  });

  it('a check-in said later changes the pain it is judged with', () => {
    const before = asked(null);
    expect(before.facts.context.pain.atStart).toBeNull();
    const after = asked({ ...NOT_ASKED, joints: [{ area: 'knee', side: 'left', pain: 4 }] });
    expect(after.facts.context.pain.atStart).toBe(4);
    // Said once more, another number: no older answer is given.
    expect(asked({ ...NOT_ASKED, joints: [{ area: 'knee', side: 'left', pain: 2 }] }).facts.context.pain.atStart).toBe(2);
  });

  it('so do an amended set, the row asked about, and a load that was cut already', () => {
    const first = asked(null);
    expect(asked(null, [aLoggedSet({ revision: 2, reserve: 0 })])).not.toBe(first);
    expect(asked(null, [aLoggedSet()], [item.id]).facts.cutToday).toBe(true);
    expect(adviceFor(detail, item, variation, [aLoggedSet()], { ...next, setIndex: 2 })).not.toBe(asked(null));
  });
});

describe('the leg that goes first', () => {
  const [, , lunge] = detail.sheet.items;
  const split = getVariation(detail.catalogue, lunge!.variationId);

  it('is the one the screening found weaker, until sets say otherwise', () => {
    const fresh = { ...lunge! };
    expect(firstSideOf({ ...detail, sheet: { ...detail.sheet, care: { weakerSide: 'right' } } }, fresh, split)).toBe('right');
    expect(firstSideOf(detail, { ...lunge! }, split)).toBe('left');
  });
});
