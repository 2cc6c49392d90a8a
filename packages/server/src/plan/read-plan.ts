import type { PersonPlanDto } from '@drubo/contracts';
import { dayNumber } from '@drubo/core';
import { blockDone, dayOfKey, nextDay } from '@drubo/core/weeks';
import type { Plan } from '@drubo/core/weeks';
import { blocksBefore, donePlanDays } from '../db/queries/plans';
import type { Scope } from '../db/scope';
import { lighterSigns } from '../person/lighter-signs';
import type { PersonFile } from '../person/person-file';

/** Blocks that are over and shown in a line. House default. */
const BLOCKS_SHOWN = 8;

/** How much of a block that is over was done. */
const overOf = ({ block }: Plan, done: readonly { planDay: string }[]): PersonPlanDto['over'][number] => {
  const days = done.flatMap(({ planDay }) => dayOfKey(block, planDay) ?? []);
  const weeks = blockDone(
    block,
    days.map((dayId) => ({ dayId, sets: {}, families: [] })),
  );
  return {
    id: block.id,
    number: block.number,
    start: block.start,
    weeks: weeks.map(({ index, daysPlanned, daysDone }) => ({
      index,
      kind: block.weeks[index]?.kind ?? 'loading',
      daysPlanned,
      daysDone,
    })),
  };
};

/** A person's weeks as they are shown. */
export const readPlan = async (scope: Scope, file: PersonFile, today: string): Promise<PersonPlanDto> => {
  const { person } = file;
  const [{ version, plan, trained }, done] = await Promise.all([file.plan(), file.sessionsDone()]);
  const [first] = done;
  const bare = {
    personId: person.id,
    version,
    plan,
    firstDay: first ? dayNumber(first.date) : null,
    canUndo: version > 0,
  };
  if (!plan) return { ...bare, trained: [], sheetDay: null, kept: [], lighter: [], over: [] };
  const [waiting, later, days, before] = await Promise.all([
    scope.one('sheets', { personId: person.id, state: ['next', 'started'] }),
    scope.all('sheets', { personId: person.id, state: 'later' }),
    donePlanDays(scope, person.id),
    blocksBefore(scope, person.id, plan.block.id),
  ]);
  const next = nextDay(plan, trained, dayNumber(today));
  return {
    ...bare,
    trained,
    sheetDay: waiting ? dayOfKey(plan.block, waiting.planDay) : null,
    kept: later.flatMap(({ id: sheetId, planDay }) => {
      const dayId = dayOfKey(plan.block, planDay);
      return dayId === null ? [] : [{ sheetId, dayId }];
    }),
    lighter: next?.week.kind === 'lighter' ? [] : await lighterSigns(scope, file, today),
    over: before.slice(0, BLOCKS_SHOWN).map((one) => overOf(one, days)),
  };
};
