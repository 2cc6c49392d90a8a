import { builtInCatalogue, getVariation } from '../catalogue';
import { sessionMinutes } from '../dose';
import { sheetText, formatChange } from '@drubo/words/explain';
import { defaultKit, roomOf } from '../kit';
import { aJudgeContext, aSet } from '../testing';
import type { KitItem } from '../vocabulary';
import { changesBetween } from './changes';
import { carrySheet } from './carry-sheet';
import type { WaitingItem } from './carry-sheet';
import { timedBlocks } from './content';
import type { Content } from './content';
import { moveItem, pairWithNext, removeItem } from './edits';
import { fetchList } from './fetch-list';
import { fitTogether, standingNeeds, standingThings } from './kit-together';
import { planItem } from './plan-item';
import { recentWork } from './recent-work';
import { setsWantedToday, targetReasons, weekFor } from './targets';
import type { SheetInput } from './types';

const variation = (id: string) => getVariation(builtInCatalogue, id);
const input = (over: Partial<SheetInput> = {}, context: Partial<SheetInput['context']> = {}): SheetInput => ({
  context: aJudgeContext(context),
  tracks: [],
  stage: { sessionsDone: 12, dayOfTraining: 80, daysSinceLast: 3 },
  schools: {},
  day: 100,
  pastOf: () => [],
  ...over,
});
const waiting = (id: string, slot: string, over: Partial<WaitingItem> = {}): WaitingItem => {
  const { dose, feelers, values } = planItem(input(), { slot, role: 'main' }, { variationId: id, values: {}, reasons: [] });
  return { id: `i-${slot}`, blockId: 'b0', slot, variationId: id, values, dose, feelers, isOwn: false, chosenWhy: [], ...over };
};
const content: Content<WaitingItem> = {
  blocks: [{ id: 'b0', role: 'main', kind: 'straight', roundRestSeconds: 0 }],
  items: [waiting('goblet-squat', 'squat'), waiting('dumbbell-romanian-deadlift', 'hinge'), waiting('glute-bridge', 'bridge')],
};
const MOVEMENTS = { nameOf: (id: string) => variation(id).name, stanceOf: (id: string) => variation(id).stance };

describe('things that stand', () => {
  it('one thing to each need, the other way round where that is the only way', () => {
    const needs: KitItem[][][] = [[['bench', 'box']], [['bench']]];
    expect(
      fitTogether(
        needs,
        new Map([
          ['bench', 1],
          ['box', 1],
        ]),
      ),
    ).toBe(true);
    expect(fitTogether(needs, new Map([['bench', 1]]))).toBe(false);
    expect(fitTogether(needs, new Map([['bench', 2]]))).toBe(true);
  });

  it('hand weights and a wall are shared; two benches are two', () => {
    const room = roomOf(defaultKit('kg'), ['bench', 'second-bench', 'wall']);
    expect(standingNeeds(variation('goblet-squat'), room)).toEqual([]);
    expect(standingNeeds(variation('wall-tap-hinge'), room)).toEqual([]);
    expect(standingNeeds(variation('feet-up-hip-thrust'), room)).toEqual([['bench'], ['bench']]);
    expect(standingThings(defaultKit('kg'), room).get('bench')).toBe(2);
  });
});

describe('the week', () => {
  it('the rest of it is spread over the sessions left', () => {
    const weekly = weekFor('glutes', input({})).aim;
    const fresh = setsWantedToday('glutes', input({ daysPerWeek: 2 }));
    expect(fresh).toBeCloseTo(weekly / 2);
    const recent = [{ day: 98, hardSetsByMuscle: { glutes: weekly }, heavyFamilies: [] }];
    expect(setsWantedToday('glutes', input({ daysPerWeek: 2, recent }))).toBe(0);
    expect(setsWantedToday('glutes', input({ daysPerWeek: 1 }))).toBeCloseTo(0.6 * weekly);
    expect(setsWantedToday('glutes', input({ daysPerWeek: 2, recent: [{ ...recent[0]!, day: 90 }] }))).toBeCloseTo(fresh);
  });

  it('says where today’s sets come from', () => {
    const recent = [{ day: 98, hardSetsByMuscle: { calves: 1 }, heavyFamilies: [] }];
    const told = targetReasons(input({ daysPerWeek: 2, recent })).find(
      ({ values }) => 'emphasis' in values && values.emphasis === 'calves',
    );
    const weekly = weekFor('calves', input({})).aim;
    expect(told?.values).toMatchObject({
      done: 1,
      weekly: Math.round(weekly * 10) / 10,
      today: Math.round(0.6 * weekly * 10) / 10,
    });
  });

  it('counts what was done: work sets by muscle whatever was left, both sides as one, and what was heavy', () => {
    const sets = (['left', 'right'] as const).flatMap((side) =>
      [0, 1].map((setIndex) => aSet({ side, setIndex, reserve: setIndex === 0 ? 2 : 6, externalKg: 16 })),
    );
    const [work] = recentWork([{ day: 3, variation: variation('split-squat'), sets }]);
    expect(work).toMatchObject({ day: 3, heavyFamilies: ['lunge'], hardSetsByMuscle: { glutes: 2 } });
    const light = recentWork([
      { day: 3, variation: variation('split-squat'), sets: sets.map((set) => ({ ...set, externalKg: 0 })) },
    ]);
    expect(light[0]?.heavyFamilies).toEqual([]);
  });
});

describe('a sheet planned again', () => {
  const ids = (carried: ReturnType<typeof carrySheet>) => carried.content.items.map(({ variationId }) => variationId);
  const again = (over: Parameters<typeof input>[1], isShaped = false, from = content) =>
    carrySheet(input({}, over), from, isShaped, (slot) => `new-${slot}`);

  it('keeps its exercises while nothing changed', () => {
    expect(ids(again({}))).toEqual(content.items.map(({ variationId }) => variationId));
  });

  it('a big lift gives way to an easier one; what the trainer put there leaves, with why', () => {
    const sore = { limits: [{ limit: 'low-back-bending', severity: 6 } as const] };
    const own = {
      ...content,
      items: content.items.map((item) => ({
        ...item,
        isOwn: item.slot === 'hinge',
        variationId: item.slot === 'hinge' ? 'deadlift' : item.variationId,
      })),
    };
    const carried = again(sore, true, own);
    expect(ids(carried)).not.toContain('deadlift');
    expect(carried.left[0]).toMatchObject({ slot: 'hinge', variationId: 'deadlift' });
    expect(carried.left[0]?.reasons[0]?.code).toBe('warn-locked');
    expect(again(sore).planned.get('i-hinge')?.variationId).not.toBe('deadlift');
  });

  it('a held person keeps nothing', () => {
    const held = again({ limits: [{ limit: 'see-clinician', severity: null }] });
    expect(held.content.items).toEqual([]);
    expect(held.left.length).toBeGreaterThan(0);
  });
});

describe('what differs between two arrangements', () => {
  const words = (after: Content<WaitingItem> | null) =>
    changesBetween(content, after ?? content).map((change) => formatChange(change, MOVEMENTS));

  it('says nothing of nothing, and each thing in a line', () => {
    expect(words(content)).toEqual([]);
    expect(words(removeItem(content, 'i-hinge'))).toEqual(['Out: dumbbell Romanian deadlift']);
    expect(words(moveItem(content, 'i-hinge', -1))).toEqual(['Another order']);
    expect(words(pairWithNext(content, 'i-hinge'))).toEqual(['In turn: dumbbell Romanian deadlift, glute bridge']);
    // Nobody is asked what was left in a hold: another reserve of it is nothing to be told.
    const held = (reserve: number) => {
      const [first, ...others] = content.items;
      return { ...content, items: [{ ...first!, dose: { ...first!.dose, seconds: 30, reserve } }, ...others] };
    };
    expect(changesBetween(held(2), held(4))).toEqual([]);
    const [squat, ...rest] = content.items;
    const fewer = { ...squat!, dose: { ...squat!.dose, sets: 2, restSeconds: 60 } };
    expect(words({ ...content, items: [fewer, ...rest] })).toEqual(['Goblet squat: 3 × 8–12 → 2 × 8–12, rest 1:30 → rest 1:00']);
    expect(words({ ...content, items: [waiting('leg-press', 'squat'), ...rest] })).toEqual(['Leg press instead of goblet squat']);
    expect(words({ ...content, items: [...content.items, waiting('split-squat', 'lunge')] })).toEqual(['In: split squat, main']);
  });
});

describe('around a sheet', () => {
  it('time by blocks: a pair takes less than the two alone, a ramp takes its sets', () => {
    const time = (of: Content<WaitingItem>) =>
      sessionMinutes(
        timedBlocks(
          of,
          ({ variationId }) => variation(variationId),
          () => [],
        ),
      );
    expect(time(pairWithNext(content, 'i-hinge') as Content<WaitingItem>)).toBeLessThan(time(content));
    const bar = waiting('back-squat', 'squat');
    const load = {
      position: 'back-bar' as const,
      implements: [{ pieceId: 'b', type: 'bar' as const, value: 20, unit: 'kg' as const, count: 1 }],
      externalKg: 100,
    };
    const loads = [20, 50, 70, 85, 100].map((externalKg) => ({ ...load, externalKg }));
    const heavy = { ...content, items: [{ ...bar, feelers: 0, dose: { ...bar.dose, load } }] };
    const timed = (feelers: number) =>
      timedBlocks(
        { ...heavy, items: heavy.items.map((item) => ({ ...item, feelers })) },
        () => variation('back-squat'),
        () => loads,
      );
    // Source: common practice: the empty bar, then about 50, 70 and 85 %.
    expect(timed(0)[0]?.items[0]?.ramps).toBe(4);
    expect(timed(2)[0]?.items[0]).toMatchObject({ feelers: 2, ramps: 0 });
  });

  it('fetches each weight once, at the most it is used at a time, and what must stand there', () => {
    const room = roomOf(defaultKit('kg'), ['bench']);
    const fetched = fetchList(
      { ...content, items: [...content.items, waiting('hip-thrust', 'bridge-2')] },
      ({ variationId }) => variation(variationId),
      room,
    );
    expect(fetched.things).toEqual(['bench']);
    expect(new Set(fetched.pieces.map(({ pieceId }) => pieceId)).size).toBe(fetched.pieces.length);
    expect(fetched.pieces.some(({ type, count }) => type === 'dumbbell' && count === 2)).toBe(true);
  });

  it('is written down in short, what goes in turn lettered', () => {
    const paired = pairWithNext(content, 'i-hinge') as Content<WaitingItem>;
    const text = sheetText(
      {
        personName: 'Test Person',
        minutes: 31,
        shape: 'straight-sets',
        day: null,
        blocks: paired.blocks.map((block) => ({
          ...block,
          items: paired.items
            .filter(({ blockId }) => blockId === block.id)
            .map(({ variationId, dose }) => ({ variationId, dose, feelers: 0, settings: null })),
        })),
        cautions: ['Stop at a pinch.'],
      },
      MOVEMENTS,
    );
    expect(text).toBe(
      [
        'Test Person · 31 min',
        '',
        'MAIN',
        '1. Goblet squat: 3 × 8–12, 20 kg bell, 3-1-1-0, rest 1:30, 4 in reserve',
        '2. Pair · rest 0:45 after both',
        '   a) Dumbbell Romanian deadlift: 3 × 8–12, 2 × 20 kg, 3-1-1-0, 4 in reserve',
        '   b) Glute bridge: 3 × 10–15, 30 kg dumbbell, 2-0-1-1, 4 in reserve',
        '',
        'MIND',
        '- Stop at a pinch.',
      ].join('\n'),
    );
  });
});
