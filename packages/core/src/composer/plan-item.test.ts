import { aJudgeContext, anExerciseLog, aSet, aSheetInput } from '../testing';
import type { CarefulCause } from '../vocabulary';
import { planItem } from './plan-item';
import type { SheetInput, Track } from './types';

const START = { variationId: 'goblet-squat', values: {}, reasons: [] };
const PLACE = { slot: 'squat', role: 'main' as const };

/** Somebody who has squatted a 16 kg bell eight times, every set leaving as many reps as said. */
const squatter = (reserve: number, daysAway: number): SheetInput => {
  const { dose } = anExerciseLog({ loadKg: 16 });
  const sets = Array.from({ length: 3 }, (_, setIndex) => aSet({ setIndex, reps: 10, reserve, externalKg: 16 }));
  const lastDay = 100 - daysAway;
  const past = Array.from({ length: 8 }, (_, at) => ({
    sessionId: `s-${at}`,
    day: lastDay - 4 * (7 - at),
    dose,
    values: {},
    sets,
  }));
  const track: Track = {
    slot: 'squat',
    variationId: 'goblet-squat',
    values: {},
    method: 'reserve-led',
    methodChosen: false,
    dose,
    leftOut: false,
    lastDecision: null,
  };
  return aSheetInput(aJudgeContext(), {
    tracks: [track],
    stage: { sessionsDone: 30, dayOfTraining: 200, daysSinceLast: daysAway },
    pastOf: (id) => (id === 'goblet-squat' ? past : []),
  });
};
const planned = (input: SheetInput) => planItem(input, PLACE, START);
const kg = (input: SheetInput) => planned(input).dose.load.externalKg;
const codes = (input: SheetInput) => planned(input).why.load.map(({ code }) => code);

describe('after weeks away', () => {
  it('the load goes down to what is left of the strength, with why', () => {
    const [usual, away] = [squatter(0, 4), squatter(0, 42)];
    expect(kg(usual)).toBe(16);
    expect(kg(away)).toBeLessThan(16);
    expect(codes(away)).toContain('lay-off-load');
  });

  it('never up, however easy the last sessions were', () => {
    // Common practice, no source: nobody comes back from a break to more than they left with.
    for (const daysAway of [14, 28, 60, 120]) {
      const away = squatter(9, daysAway);
      expect(kg(away)).toBe(16);
      expect(codes(away)).not.toContain('lay-off-load');
    }
  });

  it('a usual gap changes no load', () => {
    expect([kg(squatter(9, 4)), kg(squatter(0, 7))]).toEqual([16, 16]);
  });
});

describe('whoever is spared', () => {
  const of = (careful: readonly CarefulCause[], over: Partial<SheetInput> = {}) =>
    planned(aSheetInput(aJudgeContext({ person: { goal: 'get-stronger', trainingAge: 'advanced', massKg: 68 }, careful }), over))
      .dose;

  it('stays at eight reps and more and further from failure: pregnant, growing, thin bones', () => {
    // Sessions enough that nothing but the cause speaks.
    const { pastOf } = squatter(2, 4);
    expect(of([], { pastOf }).repsLow).toBeLessThan(8);
    expect(of(['pregnancy'], { pastOf })).toMatchObject({ repsLow: 8, reserve: 3 });
    expect(of(['fragile-bones'], { pastOf }).repsLow).toBe(8);
    expect(of(['under-18'], { pastOf, stage: { sessionsDone: 5, dayOfTraining: 30, daysSinceLast: 3 } }).repsLow).toBe(8);
    // After eight weeks somebody growing may go down to six.
    expect(of(['under-18'], { pastOf, stage: { sessionsDone: 30, dayOfTraining: 60, daysSinceLast: 3 } }).repsLow).toBe(6);
  });
});
