import { builtInCatalogue, getVariation } from '@drubo/core/catalogue';
import { NOT_ASKED } from '@drubo/core/session';
import type { CheckIn } from '@drubo/core/session';
import { adviceFor } from '@drubo/core/live';
import { aDetail, aLoggedSet } from '../../../tests/builders';
import { onTheFloor } from './floor';

const detail = onTheFloor(aDetail());
const item = detail.sheet.items[0]!;
const variation = getVariation(builtInCatalogue, item.variationId);
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
