import { endpoints } from '@drubo/contracts';
import { builtInCatalogue, getVariation } from '@drubo/core/catalogue';
import { freshPad, removalOf, SAID_OF_A_SET, setBodyOf } from '@drubo/core/live';
import { aLoggedSet, aSessionRecord, aDetail, aSheet, SESSION_ID } from '../../../tests/builders';
import { onTheFloor } from './floor';
import { setUpOf } from './set-up-of';
import { forgetPlace, keepPlace, readPlace, START } from './place';

const [squat] = aSheet().items;
const slot = { kind: 'work', setIndex: 0, side: 'both' } as const;
const asked = { reps: squat!.dose.repsHigh, load: squat!.dose.load };

it('how a lift is set up follows the load it has today: none for one that is done with nothing held', () => {
  const goblet = getVariation(builtInCatalogue, squat!.variationId);
  const heldAt = (externalKg: number) => {
    const item = { ...squat!, dose: { ...squat!.dose, load: { ...squat!.dose.load, externalKg } } };
    return setUpOf({ variation: goblet, item });
  };
  expect(heldAt(16).length).toBeGreaterThan(0);
  expect(heldAt(0)).toEqual([]);
});

describe('what is said of a set', () => {
  it('is what the contract takes, all of it and no more', () => {
    const { command: _, ...said } = endpoints.logSet.body.shape;
    expect([...SAID_OF_A_SET].sort()).toEqual(Object.keys(said).sort());
    const command = { id: 'command-1', deviceId: 'device-01', deviceSeq: 1 };
    const measured = { loggedAt: '2026-11-23T09:00:00.000Z', restBeforeSeconds: null };
    for (const sent of [setBodyOf(freshPad(asked), asked, squat!, slot, measured), removalOf(aLoggedSet())]) {
      expect(endpoints.logSet.body.safeParse({ command, ...sent }).error).toBeUndefined();
    }
  });
});

describe('a stand-in on the floor', () => {
  const swap = () => {
    const [, hinge] = aSheet().items;
    const { proposed: _, why: __, lastTime: ___, past: ____, edited: _____, ...item } = hinge!;
    const fields = { ...item, id: 'in-1', slot: 'hinge-2', variationId: 'kettlebell-deadlift' };
    return aSessionRecord({ kind: 'swap', itemId: hinge!.id, item: fields, because: 'kit' });
  };

  it('knows nothing of its own yet; what the server knows of it is taken over', () => {
    const detail = { ...aDetail(), records: [swap()] };
    expect(onTheFloor(detail).sheet.items[2]).toMatchObject({ past: [], lastTime: null, proposed: { sets: 2 } });
    const [, hinge] = aSheet().items;
    const known = { ...hinge!, id: 'in-1', variationId: 'kettlebell-deadlift', past: [{ sessionId: 's' } as never] };
    expect(onTheFloor({ ...detail, floorItems: [known] }).sheet.items[2]?.past).toHaveLength(1);
  });
});

describe('the place kept on the device', () => {
  const place = { ...START, itemId: 'item-squat-1', slot, pad: freshPad(asked) };

  it('comes back after a reload and is forgotten when the session ends', () => {
    keepPlace(SESSION_ID, place);
    expect(readPlace(SESSION_ID)).toEqual(place);
    forgetPlace(SESSION_ID);
    expect(readPlace(SESSION_ID)).toEqual(START);
  });

  it('what cannot be read is the start, not a crash', () => {
    keepPlace(SESSION_ID, { ...place, slot: { kind: 'work', setIndex: -4, side: 'both' } });
    expect(readPlace(SESSION_ID)).toEqual(START);
  });
});
