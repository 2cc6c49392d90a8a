import { aLoggedSet, aRunning } from '../testing';
import { exercisesOf } from './progress';
import { likelyFaults } from './likely-faults';
import { drillsLeft } from './drills';

/** The running session with everything in it a drill. */
const asDrills = (role: 'prep' | 'cool-down', ...given: Parameters<typeof aRunning>) => {
  const running = aRunning(...given);
  const blocks = running.sheet.blocks.map((block) => ({ ...block, role }));
  return { ...running, sheet: { ...running.sheet, blocks } };
};
const left = (...given: Parameters<typeof aRunning>) => {
  const running = asDrills('prep', ...given);
  return drillsLeft(running, exercisesOf(running));
};

// Source: common practice, no source.
describe('what is left of a warm-up', () => {
  it('is every row of its drills, as planned; nothing of the work', () => {
    expect(drillsLeft(aRunning(), exercisesOf(aRunning()))).toEqual([]);
    expect(drillsLeft(aRunning(), exercisesOf(aRunning()), 'main')).toEqual([]);
    const squat = left().filter(({ item }) => item.slot === 'squat');
    expect(squat.map(({ slot }) => [slot.kind, slot.setIndex])).toEqual([
      ['work', 0],
      ['work', 1],
    ]);
    expect(squat[0]?.asked.load).toEqual(squat[0]?.item.dose.load);
  });

  it('of the cool-down apart from that of the warm-up', () => {
    const running = asDrills('cool-down');
    expect(drillsLeft(running, exercisesOf(running))).toEqual([]);
    expect(drillsLeft(running, exercisesOf(running), 'cool-down').length).toBe(left().length);
  });

  it('without what was logged already, and without what was left for today', () => {
    expect(left([aLoggedSet()]).length).toBe(left().length - 1);
    const gone = left([], { changes: [{ kind: 'leave', itemId: 'item-squat-1', because: 'fault' }] });
    expect(gone.some(({ item }) => item.slot === 'squat')).toBe(false);
  });
});

describe('the likeliest faults', () => {
  const squatWith = (...given: Parameters<typeof aRunning>) => exercisesOf(aRunning(...given))[0]!;

  it('are the first the movement names, until others were seen in this person', () => {
    const { variation } = squatWith();
    expect(likelyFaults(squatWith())).toEqual(variation.faults.slice(0, 2));
    const last = variation.faults.at(-1)!;
    const seen = squatWith([aLoggedSet({ faults: [{ id: last, severity: 'note' }] })]);
    expect(likelyFaults(seen)).toEqual([last, variation.faults[0]]);
  });

  it('with what was seen in earlier sessions, the oftenest first', () => {
    const exercise = squatWith();
    const [a, b, c] = exercise.variation.faults;
    const fault = (id: typeof a) => ({ ...aLoggedSet(), faults: [{ id: id!, severity: 'breaks' as const }] });
    const past = [{ sessionId: 'p', day: 1, dose: exercise.item.dose, values: {}, sets: [fault(c), fault(c), fault(b)] }];
    expect(likelyFaults({ ...exercise, item: { ...exercise.item, past } })).toEqual([c, b]);
    expect(a).toBeDefined();
  });
});
