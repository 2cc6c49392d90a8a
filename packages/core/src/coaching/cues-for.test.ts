import { getFault } from '../catalogue/knowledge';
import type { PastExercise } from '../progression';
import { anExerciseLog, aSet } from '../testing';
import { cuesFor } from './cues-for';

const ID = 'heels-lift';
const [first, other] = getFault(ID).cues.map(({ text }) => text);
const { dose } = anExerciseLog({});
/** A session of sets that were broken by the fault, or weren't. */
const session = (day: number, ...broken: boolean[]): PastExercise => ({
  sessionId: `s${day}`,
  day,
  dose,
  values: {},
  sets: broken.map((isBroken, setIndex) => aSet({ setIndex, faults: isBroken ? [{ id: ID, severity: 'breaks' }] : [] })),
});
const said = (...past: PastExercise[]) => cuesFor(ID, past).map(({ text }) => text);

// Source: what took for this person is remembered and offered first; one that never worked is offered last: the page on movements.
describe('the cue that is said first', () => {
  it('is the table’s until something is known', () => {
    expect(said()).toEqual([first, other]);
    expect(said(session(1, false, false))).toEqual([first, other]);
    // The last set says nothing of a cue: nobody saw what it did.
    expect(said(session(1, false, true))).toEqual([first, other]);
  });

  it('stays first where it took', () => {
    expect(said(session(1, true, false))).toEqual([first, other]);
  });

  it('is the other one where the first never took and that one did; and goes back when it takes again', () => {
    const second = session(1, true, true, false);
    expect(said(second)).toEqual([other, first]);
    // Last time it broke sets, so the next session begins at the second of the order: which took.
    expect(said(second, session(4, true, false))).toEqual([first, other]);
  });

  it('that never took goes last', () => {
    expect(said(session(1, true, true))).toEqual([other, first]);
  });

  it('notes are no broken sets, and both legs of one set are one', () => {
    const note = {
      ...session(1, true, true),
      sets: [0, 1].map((setIndex) => aSet({ setIndex, faults: [{ id: ID, severity: 'note' }] })),
    };
    expect(said(note)).toEqual([first, other]);
    const legs = (['left', 'right'] as const).map((side) =>
      aSet({ setIndex: 0, side, faults: [{ id: ID, severity: 'breaks' }] }),
    );
    expect(said({ ...session(1), sets: [...legs, aSet({ setIndex: 1 })] })).toEqual([first, other]);
    // The second leg alone breaks a set as well.
    const right = aSet({ setIndex: 1, side: 'right', faults: [{ id: ID, severity: 'breaks' }] });
    expect(said({ ...session(1), sets: [...legs, aSet({ setIndex: 1, side: 'left' }), right] })).toEqual([other, first]);
  });
});
