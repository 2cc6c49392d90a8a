import type { AlternativeDto, ReviewItemDto } from '@drubo/contracts';
import { alternativesTo, decideExercise } from '@drubo/core/judging';
import { anExerciseLog } from '@drubo/core/testing';
import type { Goal } from '@drubo/core/vocabulary';
import { waysOf } from './ways';

/** A goblet squat that has shown what opens a bar, as the review of somebody with a goal has it. */
const reviewed = (goal: Goal, loadKg = 24): Pick<ReviewItemDto, 'proposal' | 'alternatives'> => {
  const context = { person: { goal, trainingAge: 'intermediate', massKg: 68 } } as const;
  const log = anExerciseLog({ loadKg, reps: [10, 10, 10], method: 'reserve-led', set: { reserve: 3 }, context });
  const { dose, values, sets } = log;
  const past = [{ sessionId: 'past', day: log.day - 3, dose, values, sets }];
  const proposal = decideExercise({ ...log, past });
  const alternatives = alternativesTo({ ...log, past }, proposal) as AlternativeDto[];
  return { proposal, alternatives } as Pick<ReviewItemDto, 'proposal' | 'alternatives'>;
};

describe('the ways on from an earned stage', () => {
  it('the one proposed comes first, each other stage once, and staying is one of them', () => {
    const ways = waysOf(reviewed('get-stronger'));
    expect(ways[0]).toMatchObject({ isProposed: true, outcome: { variationId: 'back-squat-to-box' } });
    const stages = ways.map(({ outcome }) => outcome.variationId);
    expect(stages).toEqual(expect.arrayContaining(['front-squat-to-box', 'double-kettlebell-front-squat', undefined]));
    expect(new Set(stages).size).toBe(stages.length);
    expect(new Set(ways.map(({ id }) => id)).size).toBe(ways.length);
  });

  it('where staying is proposed it is not offered twice', () => {
    const ways = waysOf(reviewed('move-well'));
    expect(ways[0]).toMatchObject({ isProposed: true });
    expect(ways.filter(({ outcome }) => outcome.variationId === undefined)).toHaveLength(1);
    expect(ways.length).toBeGreaterThan(2);
  });

  it('none where no stage is open', () => expect(waysOf(reviewed('get-stronger', 8))).toEqual([]));
});
