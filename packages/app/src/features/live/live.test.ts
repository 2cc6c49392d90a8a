import { endpoints } from '@drubo/contracts';
import type { SessionDetailDto } from '@drubo/contracts';
import {
  askedOf,
  countRows,
  currentExercise,
  endingOf,
  exercisesOf as exercisesOfFloor,
  freshPad,
  isAsPlanned,
  isUnclean,
  lastLogged,
  markDangerous,
  padOf,
  removalOf,
  setBodyOf,
  setIdFor,
  tapFault,
} from '@drubo/core/live';
import { aDetail, aLoggedSet, aSessionRecord, aSheet, SESSION_ID } from '../../../tests/builders';
import { forgetPlace, keepPlace, readPlace, START } from './place';
import { onTheFloor } from './floor';

const [squat, , lunge] = aSheet().items;
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

  it('what it sends is what the contract takes', () => {
    const command = { id: 'command-1', deviceId: 'device-01', deviceSeq: 1 };
    for (const sent of [body(fresh), removalOf(aLoggedSet())]) {
      expect(endpoints.logSet.body.safeParse({ command, ...sent }).error).toBeUndefined();
    }
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
});

const exercisesOf = (detail: SessionDetailDto, extra?: Record<string, number>) => exercisesOfFloor(onTheFloor(detail), extra);

describe('standing in a session', () => {
  it('has a row a set, two for one-sided work, and stands at the first open one', () => {
    const exercises = exercisesOf(aDetail([aLoggedSet()]));
    // The hinge, first of its pattern and not begun, offers one ramp set before its two.
    expect(exercises.map((exercise) => exercise.rows.length)).toEqual([2, 3, 4, 2]);
    expect(currentExercise(exercises, null)?.next).toEqual({ kind: 'work', setIndex: 1, side: 'both' });
    expect(countRows(exercises)).toEqual({ done: 1, planned: 10 });
    expect(currentExercise(exercises, 'item-bridge-1')?.item.slot).toBe('bridge');
    expect(currentExercise([], null)).toBeUndefined();
  });

  it('an exercise that pain ended is passed over, though rows are left', () => {
    const exercises = exercisesOf(aDetail([aLoggedSet({ endedBy: 'pain' })]));
    expect([exercises[0]?.isOpen, currentExercise(exercises, null)?.item.slot]).toEqual([false, 'hinge']);
  });

  it('an exercise left on advice is passed over too', () => {
    const left = aSessionRecord({ kind: 'leave', itemId: 'item-squat-1', because: 'fault' });
    const exercises = exercisesOf({ ...aDetail([aLoggedSet()]), records: [left] });
    expect([exercises[0]?.isOpen, currentExercise(exercises, null)?.item.slot]).toEqual([false, 'hinge']);
  });

  it('a set beyond the plan, asked for here or logged elsewhere, has its row', () => {
    const rows = exercisesOf(aDetail(), { 'item-squat-1': 1 })[0]?.rows ?? [];
    expect(rows.filter(({ slot }) => slot.kind === 'work')).toHaveLength(3);
    expect(exercisesOf(aDetail([aLoggedSet({ setIndex: 4 })]))[0]?.rows).toHaveLength(5);
  });

  it('rest is counted from the set logged last, whatever order they arrived in', () => {
    const early = aLoggedSet({ id: 'set-early-1', loggedAt: '2026-11-23T09:00:00.000Z' });
    const late = aLoggedSet({ id: 'set-late-01', loggedAt: '2026-11-23T09:02:00.000Z' });
    expect(lastLogged([late, early])?.id).toBe('set-late-01');
    expect(lastLogged([])).toBeUndefined();
  });
});

describe('a pair', () => {
  const paired = aSheet({ blocks: [{ id: 'b0', role: 'main', kind: 'rounds', roundRestSeconds: 75 }] });
  const detail = (sets: ReturnType<typeof aLoggedSet>[]) => ({ ...aDetail(sets), sheet: paired });
  const done = (setIndex: number, itemId: string) => aLoggedSet({ id: `${itemId}-${setIndex}`, itemId, setIndex, side: 'both' });
  const at = (sets: ReturnType<typeof aLoggedSet>[]) => currentExercise(exercisesOf(detail(sets)), null)?.item.slot;

  it('goes round: a set of each before anybody’s second', () => {
    expect(at([])).toBe('squat');
    expect(at([done(0, 'item-squat-1')])).toBe('hinge');
    const bothSides = (['left', 'right'] as const).map((side) => aLoggedSet({ id: side, itemId: 'item-lunge-1', side }));
    const round = [done(0, 'item-squat-1'), done(0, 'item-hinge-1'), ...bothSides, done(0, 'item-bridge-1')];
    expect(at(round)).toBe('squat');
  });

  it('rests after the round, and not inside it', () => {
    expect(exercisesOf(detail([])).map(({ restSeconds }) => restSeconds)).toEqual([0, 0, 0, 75]);
    expect(exercisesOf(aDetail()).map(({ restSeconds }) => restSeconds)).toEqual([90, 90, 90, 90]);
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
