import type { PersonPlanDto } from '@drubo/contracts';
import { beginPlan, findDay } from '@drubo/core/weeks';
import { aComposing, aPersonDetail, aStoredCommand } from '../../../tests/builders';
import { inputAt } from '../composing-input';
import { withWrite, withWrites } from './reducers';
import type { StoredCommand } from './types';

const START = 20_003;
const plan = beginPlan(inputAt(aComposing(), null), {
  id: 'block-0001',
  start: START,
  weekdays: [0, 3],
  firstDay: START - 400,
  number: 0,
  isSplit: false,
});
const kept = (over: Partial<PersonPlanDto> = {}): PersonPlanDto => ({
  personId: 'person-0001',
  version: 3,
  plan,
  trained: [],
  firstDay: null,
  sheetDay: null,
  kept: [],
  canUndo: false,
  lighter: [],
  over: [],
  ...over,
});
const detail = aPersonDetail({ plan: kept() });
const write = (endpointId: string, body: object, over: object = {}): StoredCommand =>
  aStoredCommand({ endpointId, params: { personId: 'person-0001' }, body: { version: 3, ...body }, ...over } as never);
const moved = (to: number, over: object = {}) =>
  write(
    'changePlan',
    {
      blockId: 'block-0001',
      lines: [{ kind: 'moved', dayId: '0-1', from: START + 3, to, why: { code: 'day-by-hand', values: {}, basis: 'trainer' } }],
      left: ['0-0'],
      ...over,
    },
    {},
  );
const dayOf = (of: PersonPlanDto | undefined): number | undefined => of?.plan?.block && findDay(of.plan.block, '0-1')?.day.day;

it('a day moved without a network is where it was put; the next change is made from there', () => {
  const after = withWrites('getPerson', detail, [
    moved(START + 4),
    { ...moved(START + 5), id: 'command-2' } as StoredCommand,
  ]).plan;
  expect([dayOf(after), after?.version, after?.canUndo]).toEqual([START + 5, 4, true]);
  expect(after?.plan?.left).toContain('0-0');
});

it('changes nothing of another block, nor of another person', () => {
  expect(withWrite('getPerson', detail, moved(START + 4, { blockId: 'another-block' })).plan).toEqual(kept());
  const other = { ...moved(START + 4), params: { personId: 'person-0002' } } as StoredCommand;
  expect(withWrite('getPerson', detail, other)).toEqual(detail);
});

it('an answer stands where it is newer, and puts nothing older over what was read since', () => {
  const answered = (version: number) => ({ ...moved(START + 4), state: 'done', reply: kept({ version }) }) as StoredCommand;
  expect(withWrite('getPerson', detail, answered(4)).plan?.version).toBe(4);
  expect(withWrite('getPerson', detail, answered(2))).toEqual(detail);
});

it('gone on without, there is none; a block begun and a change taken back wait for the server', () => {
  expect(withWrite('getPerson', detail, write('endPlan', {})).plan).toMatchObject({ plan: null, version: 4 });
  expect(withWrite('getPerson', detail, write('undoPlan', {}))).toEqual(detail);
  expect(withWrite('getPerson', detail, write('beginPlan', { wish: {} }))).toEqual(detail);
  // A page of a release that knew no weeks stays as it is.
  const { plan: _, ...before } = detail;
  expect(withWrite('getPerson', before, write('endPlan', {}))).toEqual(before);
});
