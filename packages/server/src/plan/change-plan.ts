import type { PlanLineDto } from '@drubo/contracts';
import type { PersonId } from '@drubo/core/vocabulary';
import { daysTouched, endOf, findDay, placesOn, weekAt, withLines } from '@drubo/core/weeks';
import type { Block, Plan } from '@drubo/core/weeks';
import { formatDay } from '@drubo/words/dates';
import { dateOfDay } from '@drubo/core';
import { after } from '../db/where';
import type { Scope } from '../db/scope';
import { keepPlan } from '../person/keep-plan';
import { findPersonFile } from '../person/person-file';
import type { TrainedInSession } from '../person/plan';
import { AppError } from '../shared/errors';
import type { FieldProblem } from '../shared/errors';
import { findKit } from '../shared/find';
import type { Operation } from '../shared/work';
import { afterChange } from './after-change';

/** Weeks a day or a week may be put off beyond its block. House default. */
const BEYOND_DAYS = 120;

const day = (value: number): string => formatDay(dateOfDay(value));

/** What is wrong with a line by itself. */
const problemsOf = (block: Block, trained: readonly TrainedInSession[], line: PlanLineDto, at: number): FieldProblem[] => {
  const path = `body.lines.${at}`;
  const isWithin = (to: number): boolean => to >= block.start - 6 && to <= endOf(block) + BEYOND_DAYS;
  if (line.kind === 'week-later' || line.kind === 'week-lighter' || line.kind === 'added') {
    const week = block.weeks.find(({ index }) => index === line.index);
    if (!week) return [{ path: `${path}.index`, message: 'is no week of this block' }];
    if (line.kind === 'week-later' && (line.to <= line.from || (line.to - line.from) % 7 !== 0 || !isWithin(line.to)))
      return [{ path: `${path}.to`, message: 'must be whole weeks later' }];
    if (line.kind === 'added' && findDay(block, line.day.id))
      return [{ path: `${path}.day.id`, message: 'is a day of this block already' }];
    if (line.kind === 'added' && weekAt(block, line.day.day)?.index !== line.index)
      return [{ path: `${path}.day.day`, message: 'is no day of that week' }];
    return [];
  }
  if (line.kind === 'aims') return [];
  const found = findDay(block, line.dayId);
  if (!found) return [{ path: `${path}.dayId`, message: 'is no day of this block' }];
  if (trained.some(({ dayId }) => dayId === line.dayId))
    return [{ path: `${path}.dayId`, message: 'was trained already: what was done stays' }];
  if (line.kind === 'moved' && line.to === found.day.day)
    return [{ path: `${path}.to`, message: `is the day it stands on: ${day(line.to)}` }];
  if (line.kind === 'moved' && !isWithin(line.to)) return [{ path: `${path}.to`, message: 'lies outside of this block' }];
  return [];
};

const refuseUnknownPlace = async (scope: Scope, line: PlanLineDto): Promise<void> => {
  const kitId = line.kind === 'here' ? line.kitId : line.kind === 'added' ? line.day.kitId : null;
  if (kitId !== null) await findKit(scope, kitId);
};

/** Days that would be trained twice over on one date. */
const twiceOn = ({ weeks }: Block, trained: readonly TrainedInSession[]): number[] => {
  const done = new Set(trained.map(({ dayId }) => dayId));
  const days = weeks.flatMap((week) => week.days.filter(({ id }) => !done.has(id)).map((one) => one.day));
  return days.filter((one, at) => days.indexOf(one) !== at);
};

/** What was changed since an app read the plan, by day; null: all of it. */
const touchedSince = async (scope: Scope, personId: PersonId, version: number): Promise<Set<string> | null> => {
  const later = await scope.all('planRevisions', { personId, revision: after(version) });
  if (later.some(({ touched }) => touched === null)) return null;
  return new Set(later.flatMap(({ touched }) => touched ?? []));
};

const stale = (fields: FieldProblem[]): AppError =>
  new AppError('stale-version', 'These weeks were changed elsewhere since you opened them.', fields);

/** Refuses lines about what was changed elsewhere meanwhile, and says what stands there now. */
const refuseStale = async (
  scope: Scope,
  { block }: Plan,
  personId: PersonId,
  given: { version: number; blockId: string; lines: readonly PlanLineDto[] },
): Promise<void> => {
  const since = await touchedSince(scope, personId, given.version);
  if (block.id !== given.blockId || since === null)
    throw stale([{ path: 'body.blockId', message: 'is not the block that runs now' }]);
  const fields = given.lines.flatMap((line, at): FieldProblem[] => {
    const [hit] = daysTouched(block, line).filter((id) => since.has(id));
    if (hit === undefined) return [];
    const now = findDay(block, hit)?.day.day;
    const stands = now === undefined ? 'was left out elsewhere' : `is on ${day(now)} now, by somebody else’s hand`;
    const asked = line.kind === 'moved' ? `; you put it on ${day(line.to)}` : '';
    return [{ path: `body.lines.${at}`, message: `${stands}${asked}` }];
  });
  if (fields.length > 0) throw stale(fields);
};

/**
 * Takes lines into a plan, and keeps which were left. What another phone changed meanwhile is merged as long as the two speak of
 * other days; of one day both are shown.
 */
export const changePlan: Operation<'changePlan'> = async (work, { params, body }) => {
  const { scope, context, caller } = work;
  const file = await findPersonFile(scope, context, params.personId);
  const { version, plan, trained } = await file.plan();
  if (!plan) throw new AppError('not-found', `${file.person.name} has no plan.`);
  if (version !== body.version) await refuseStale(scope, plan, file.person.id, body);
  else if (plan.block.id !== body.blockId) throw stale([{ path: 'body.blockId', message: 'is not the block that runs now' }]);
  const problems = body.lines.flatMap((line, at) => problemsOf(plan.block, trained, line, at));
  if (problems.length > 0) throw new AppError('invalid-input', 'Some of this can’t be done to these weeks.', problems);
  for (const line of body.lines) await refuseUnknownPlace(scope, line);
  for (const { kitId } of body.places ?? []) await findKit(scope, kitId);
  const block = withLines(plan.block, body.lines);
  const twice = twiceOn(block, trained).filter((one) => !twiceOn(plan.block, trained).includes(one));
  if (twice.length > 0) {
    const message = `would hold two sessions on ${twice.map(day).join(' and ')}`;
    throw new AppError('invalid-input', 'Two sessions can’t be on one day.', [{ path: 'body.lines', message }]);
  }
  const weekdays = body.weekdays ? [...body.weekdays].sort((a, b) => a - b) : plan.weekdays;
  const changed: Plan = {
    ...plan,
    block,
    weekdays,
    places: placesOn(body.places ?? plan.places ?? [], weekdays),
    left: [...new Set([...plan.left, ...body.left])],
  };
  const touched = [...new Set(body.lines.flatMap((line) => daysTouched(plan.block, line)))];
  return afterChange(work, file, () => keepPlan(scope, context, caller, file, { plan: changed, touched }));
};
