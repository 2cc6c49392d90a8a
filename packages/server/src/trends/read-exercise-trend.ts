import type { ExerciseTrendDto } from '@drubo/contracts';
import { allowedLoads, dayNumber } from '@drubo/core';
import { findVariation } from '@drubo/core/catalogue';
import { gateDays } from '@drubo/core/judging';
import { exercisePoints } from '@drubo/core/trends';
import type { Caller, Context } from '../context';
import { setsOf as currentSetsOf } from '../db/queries/sets';
import { sessionsOfMovement } from '../db/queries/trends';
import type { Scope } from '../db/scope';
import { AppError } from '../shared/errors';
import type { PersonFile } from '../person/person-file';
import { judgeContext } from '../person/judge-context';
import { localDateOf } from '../shared/local-date';
import { personPicture } from '../person/person-picture';
import { grouped } from '../shared/grouped';
import { sinceOf } from './since';

/** One movement of a person, session by session. */
export const readExerciseTrend = async (
  scope: Scope,
  context: Context,
  caller: Caller,
  file: PersonFile,
  variationId: string,
  weeks: string | undefined,
): Promise<ExerciseTrendDto> => {
  const { person } = file;
  const since = sinceOf(context, caller, weeks);
  const done = await sessionsOfMovement(scope, { personId: person.id, since }, variationId);
  const itemIds = done.map(({ itemId }) => itemId);
  const sessionIds = done.map(({ sessionId }) => sessionId);
  const setsOf = grouped(await currentSetsOf(scope, sessionIds, itemIds), (set) => `${set.sessionId} ${set.itemId}`);
  const today = localDateOf(context.clock.now(), caller.timeZone);
  const picture = await personPicture(file, today);
  const history = await file.historyBefore(null);
  const judged = await judgeContext(file, picture, { history, day: dayNumber(today) });
  const variation = findVariation(judged.catalogue, variationId);
  if (!variation) throw new AppError('not-found', 'There is no movement with this id here.');
  const past = done
    .map(({ sessionId, date, itemId, dose, values }) => ({
      sessionId,
      day: dayNumber(date),
      dose,
      values,
      sets: setsOf.get(`${sessionId} ${itemId}`) ?? [],
    }))
    .filter((session) => session.sets.length > 0);
  const last = past.at(-1);
  const dayOf = new Map(done.map(({ sessionId, date }) => [sessionId, dayNumber(date)]));
  const decisions = await scope.all('decisions', { itemId: itemIds }, { order: [['decidedAt', 'ASC']] });
  const settled = new Map(decisions.map((decision) => [decision.sessionId, decision]));
  return {
    personName: person.name,
    variationId,
    points: last
      ? exercisePoints({
          variation,
          values: last.values,
          dose: last.dose,
          loads: allowedLoads(judged.kit, judged.limits, variation, last.values),
          context: judged,
          past,
        })
      : [],
    verdicts: [...settled.values()]
      .map(({ sessionId, chosen }) => ({
        sessionId,
        day: dayOf.get(sessionId) ?? 0,
        verdict: chosen.verdict,
        toVariationId: chosen.variationId && chosen.variationId !== variationId ? chosen.variationId : null,
      }))
      .sort((a, b) => a.day - b.day),
    gateMetOn: last
      ? gateDays({
          catalogue: judged.catalogue,
          kit: judged.kit,
          variationId,
          values: last.values,
          dose: last.dose,
          bodyMassKg: person.massKg,
          sessions: past,
        })
      : [],
  };
};
