import { builtInCatalogue } from '../catalogue';
import { setIdFor } from '../log';
import { aLoggedSet, aRunning } from '../testing';
import { LONGEST_ID } from '../vocabulary';
import { askedOf, endingOf, freshPad, isAsPlanned, isUnclean, markDangerous, padOf, removalOf, setBodyOf, tapFault } from './pad';

const SESSION_ID = 'session-1';
const [squat, , lunge] = aRunning().sheet.items;
const slot = { kind: 'work', setIndex: 0, side: 'both' } as const;
const asked = { reps: squat!.dose.repsHigh, load: squat!.dose.load };
const measured = { loggedAt: '2026-11-23T09:00:00.000Z', restBeforeSeconds: null };
const body = (pad: Parameters<typeof setBodyOf>[0]) => setBodyOf(pad, asked, squat!, slot, measured);

describe('the pad', () => {
  const fresh = freshPad(asked);

  it('one tap logs the plan: reps and load as planned, reserve and pain unknown, clean', () => {
    expect(isAsPlanned(fresh, asked)).toBe(true);
    expect(body(fresh)).toMatchObject({
      reps: squat!.dose.repsHigh,
      reserve: null,
      reserveFrom: null,
      jointPain: null,
      clean: 'yes',
      endedBy: 'planned',
    });
  });

  it.each([
    [{ reps: 7 }, 'choice'],
    [{ reps: 7, endedBy: 'grip' as const }, 'grip'],
    [{ reps: 15 }, 'planned'],
  ])('%j ended by %s', (change, ending) => {
    expect(endingOf({ ...fresh, ...change }, asked)).toBe(ending);
    expect(isAsPlanned({ ...fresh, ...change }, asked)).toBe(false);
  });

  it('a fault is a note, then breaks the set, then is dangerous, then gone', () => {
    // Source: house rule: clean means no fault above a note.
    const steps = [fresh.faults];
    for (let tap = 0; tap < 4; tap += 1) steps.push(tapFault(steps.at(-1)!, 'heels-lift'));
    expect(steps.map((faults) => faults[0]?.severity)).toEqual([undefined, 'note', 'breaks', 'dangerous', undefined]);
    expect(steps.map((faults) => isUnclean({ ...fresh, faults }))).toEqual([false, false, true, true, false]);
    expect(markDangerous(steps[1]!, 'heels-lift')).toEqual([{ id: 'heels-lift', severity: 'dangerous' }]);
  });

  it('what a hold could have gone on for is kept, and comes back to be amended; where nobody asked nothing is claimed', () => {
    const said = { ...fresh, secondsLeft: 15 };
    expect(body(said).secondsLeft).toBe(15);
    expect(isAsPlanned(said, asked)).toBe(false);
    expect(padOf(aLoggedSet({ secondsLeft: 15 }), squat!).secondsLeft).toBe(15);
    expect('secondsLeft' in body(fresh)).toBe(false);
    expect(removalOf(aLoggedSet({ secondsLeft: 15 })).secondsLeft).toBe(15);
  });

  it('an amendment is compared with what that set was asked to be, not with the sheet', () => {
    const set = aLoggedSet({ plannedReps: 8, reps: 8, externalKg: 28 });
    expect(askedOf(set, squat!)).toMatchObject({ reps: 8, load: { externalKg: 28 } });
    expect(isAsPlanned(padOf(set, squat!), askedOf(set, squat!))).toBe(true);
  });

  it('a feeler has a row, an id and a kind of its own', () => {
    const feeler = { ...slot, kind: 'feeler' } as const;
    expect(setIdFor(SESSION_ID, squat!, feeler)).not.toBe(setIdFor(SESSION_ID, squat!, slot));
    expect(setBodyOf(fresh, asked, squat!, feeler, measured).kind).toBe('feeler');
  });

  it('an amended set comes back as it was logged', () => {
    const set = aLoggedSet({
      reps: 9,
      reserve: 0,
      clean: 'no',
      jointPain: 2,
      endedBy: 'form',
      faults: [{ id: 'wobble', severity: 'note' }],
    });
    expect(padOf(set, squat!)).toMatchObject({ reps: 9, reserve: 0, isUnclean: true, jointPain: 2, endedBy: 'form' });
    expect(removalOf(set)).toMatchObject({ removed: true, reps: 9, loggedAt: set.loggedAt });
  });

  it('two phones logging one row arrive at one set', () => {
    expect(setIdFor(SESSION_ID, squat!, slot)).toBe(`${SESSION_ID}-squat-0-both`);
    expect(setIdFor(SESSION_ID, lunge!, { kind: 'work', setIndex: 1, side: 'left' })).not.toBe(
      setIdFor(SESSION_ID, lunge!, { kind: 'work', setIndex: 1, side: 'right' }),
    );
  });

  it('every row of every movement has an id that fits, in a session named as the server names them', () => {
    const sheetId = '9be86e5c-4d01-4692-bcf0-fbdf0da4c4f6';
    const id = '998e52fb-4cd7-47cd-81ea-29ec042a4409';
    const rows = [
      { kind: 'timed', setIndex: 0, side: 'left' },
      { kind: 'timed', setIndex: 0, side: 'right' },
      { kind: 'feeler', setIndex: 0, side: 'right' },
      { kind: 'work', setIndex: 49, side: 'right' },
    ] as const;
    const slots = builtInCatalogue.variations.flatMap((variation) => [
      `prep-${variation.id}`,
      `cool-down-${variation.id}`,
      variation.id,
    ]);
    for (const slot of slots) {
      const ids = [`${sheetId}-0`, `${sheetId}-12`].flatMap((session) => rows.map((row) => setIdFor(session, { id, slot }, row)));
      expect([slot, Math.max(...ids.map(({ length }) => length)) <= LONGEST_ID]).toEqual([slot, true]);
      // Another try, another leg, another kind: another set.
      expect([slot, new Set(ids).size]).toEqual([slot, ids.length]);
    }
  });
});

describe('a timed set', () => {
  const hold = { ...squat!, dose: { ...squat!.dose, seconds: 30 } };

  it('is sent in seconds, with no reps, and comes back to the pad as it was', () => {
    const sent = setBodyOf(freshPad({ ...asked, reps: 30 }), { ...asked, reps: 30 }, hold, slot, measured);
    expect(sent).toMatchObject({ seconds: 30, plannedSeconds: 30, reps: null, plannedReps: null, endedBy: 'planned' });
    const logged = aLoggedSet({ reps: null, plannedReps: null, seconds: 25, plannedSeconds: 30 });
    expect([padOf(logged, hold).reps, askedOf(logged, hold).reps]).toEqual([25, 30]);
  });
});
