import { builtInCatalogue, getVariation } from '../catalogue';
import { defaultKit, roomOf } from '../kit';
import { aJudgeContext, aSheetInput } from '../testing';
import type { Chip, Goal } from '../vocabulary';
import { compose } from './compose';
import { weekFor } from './targets';
import type { SheetInput } from './types';
import { SECOND_SLOT, TASK_MOVEMENTS, taskToday } from './wishes';

const kit = defaultKit('kg');
const inputFor = (over: Partial<SheetInput> = {}, goal: Goal = 'build-muscle'): SheetInput =>
  aSheetInput(aJudgeContext({ kit, room, person: { goal, trainingAge: 'intermediate', massKg: 74 } }), {
    stage: { sessionsDone: 12, dayOfTraining: 60, daysSinceLast: 3 },
    ...over,
  });
const room = roomOf(kit, ['wall', 'bench', 'box', 'low-step', 'pad', 'rack']);
const made = (input: SheetInput, minutes = 60) => compose(input, { minutes });
const codesOf = (input: SheetInput, minutes = 60) =>
  made(input, minutes).items.flatMap(({ chosenWhy }) => chosenWhy.map(({ code }) => code));
const task = (...tasks: Extract<Chip, { kind: 'task' }>['task'][]): Chip[] => tasks.map((one) => ({ kind: 'task', task: one }));

// Source: design: a second goal changes the sheet, at least one exercise where minutes allow.
describe('a second goal', () => {
  it.each<[Goal, Goal]>([
    ['build-muscle', 'get-stronger'],
    ['build-muscle', 'move-well'],
    ['get-stronger', 'build-muscle'],
    ['get-stronger', 'move-well'],
    ['move-well', 'get-stronger'],
    ['move-well', 'build-muscle'],
  ])('%s and %s: one exercise is for it, with why; without it none is', (goal, secondGoal) => {
    const both = made(inputFor({ secondGoal }, goal)).items.filter(({ slot }) => slot === SECOND_SLOT);
    expect(both).toHaveLength(1);
    expect(both[0]!.chosenWhy).toContainEqual(
      expect.objectContaining({ code: 'for-second-goal', values: expect.objectContaining({ goal: secondGoal }) }),
    );
    expect(made(inputFor({}, goal)).items.some(({ slot }) => slot === SECOND_SLOT)).toBe(false);
    // The same goal twice is one goal.
    expect(made(inputFor({ secondGoal: goal }, goal)).items.some(({ slot }) => slot === SECOND_SLOT)).toBe(false);
  });

  it.each<[Goal, string]>([
    ['power', 'power'],
    ['fat-loss-and-capacity', 'finisher'],
  ])('%s has a part of the session of its own', (secondGoal, family) => {
    const { items } = made(inputFor({ secondGoal }));
    expect(items.some(({ variationId }) => getVariation(builtInCatalogue, variationId).family === family)).toBe(true);
  });

  it('is dosed by it, not by the first', () => {
    const second = (goal: Goal, secondGoal: Goal) =>
      made(inputFor({ secondGoal }, goal)).items.find(({ slot }) => slot === SECOND_SLOT)!.trackDose;
    expect(second('move-well', 'get-stronger').reserve).toBeLessThan(second('get-stronger', 'move-well').reserve);
  });

  it('power as a second goal has its jump or swing beside the usual lifts of somebody strong', () => {
    // Seen on the demo’s cartographer: stronger first, power second, and no jump in fifteen weeks.
    const strong = inputFor({ secondGoal: 'power' }, 'get-stronger');
    expect(made(strong).items.map(({ slot }) => slot)).toContain('power');
  });

  it('where there is no room for it, that is said', () => {
    const short = made(inputFor({ secondGoal: 'move-well', minutes: 10 }), 10);
    expect(short.items.some(({ slot }) => slot === SECOND_SLOT)).toBe(false);
    expect(short.gaveUp.map(({ code }) => code)).toContain('second-goal-left');
    expect(made(inputFor({ secondGoal: 'move-well' })).gaveUp.map(({ code }) => code)).not.toContain('second-goal-left');
  });
});

// Source: design: engines read chips, never prose. Common practice, no source.
describe('what was confirmed of their own words', () => {
  it('a daily task has an exercise of its own; of several each session’s in turn', () => {
    const stairs = made(inputFor({ chips: task('stairs') })).items.filter(({ slot }) => slot === 'task-stairs');
    expect(stairs).toHaveLength(1);
    expect(TASK_MOVEMENTS.stairs).toContain(stairs[0]!.variationId);
    const chips = task('stairs', 'carrying');
    const turns = [12, 13, 14].map((sessionsDone) =>
      taskToday(inputFor({ chips, stage: { sessionsDone, dayOfTraining: 60, daysSinceLast: 3 } })),
    );
    expect(turns).toEqual(['stairs', 'carrying', 'stairs']);
    expect(taskToday(inputFor())).toBeNull();
    for (const ids of Object.values(TASK_MOVEMENTS)) for (const id of ids) expect(getVariation(builtInCatalogue, id).id).toBe(id);
  });

  it('a muscle asked for is aimed at by a quarter more, never over its cap', () => {
    const asked = inputFor({ chips: [{ kind: 'emphasis', emphasis: 'calves' }] });
    expect(weekFor('calves', asked).aim).toBeCloseTo(1.25 * weekFor('calves', inputFor()).aim);
    expect(weekFor('hamstrings', asked)).toEqual(weekFor('hamstrings', inputFor()));
    expect(weekFor('calves', asked).aim).toBeLessThanOrEqual(weekFor('calves', asked).cap);
  });

  it('a movement asked for stands where it is in reach, and never over a dislike', () => {
    const wants: Chip[] = [{ kind: 'wants', variationId: 'kettlebell-deadlift' }];
    expect(made(inputFor({ chips: wants })).items.map(({ variationId }) => variationId)).toContain('kettlebell-deadlift');
    expect(codesOf(inputFor({ chips: wants }))).toContain('wanted');
    expect(codesOf(inputFor({ chips: wants, dislikes: ['kettlebell-deadlift'] }))).not.toContain('wanted');
    // Out of reach it changes nothing.
    const far: Chip[] = [{ kind: 'wants', variationId: 'overhead-squat' }];
    expect(made(inputFor({ chips: far })).items).toEqual(made(inputFor()).items);
  });

  it('a note changes nothing', () => {
    expect(made(inputFor({ chips: [{ kind: 'note', text: 'stairs, deadlift, calves' }] }))).toEqual(made(inputFor()));
  });
});
