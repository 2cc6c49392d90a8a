import { afterSet, drawPerson, firstDay, liftSet, loadForReps, nextDay, trueReps } from '@drubo/core/simulation';
import type { Population, Random, SimulatedBody, SimulatedPerson } from '@drubo/core/simulation';
import type { DoneSet, NextSetContext, PastSession } from '@drubo/core/strength';

/** What a method answers when asked for the next set. */
export type Chooser = (history: readonly PastSession[], context: NextSetContext) => { loadKg: number; reps: number };

/** One set as it was judged: how far the true margin was from the reserve asked for. */
export interface JudgedSet {
  session: number;
  setIndex: number;
  loadKg: number;
  reps: number;
  margin: number;
  underRange: boolean;
  toFailure: boolean;
  /** Whether the session's first load was right: near the ideal one, or as near as the rack allows. */
  right: boolean | null;
}

export const TARGET = { sets: 3, repsLow: 8, repsHigh: 12, reserve: 2 } as const;
const SESSIONS = 24;
const RESERVE_CAP = 5;

/** Takes one simulated person through 24 sessions with a method choosing every set. */
export const trainOnce = (random: Random, population: Population, choose: Chooser): JudgedSet[] => {
  const person = drawPerson(random, population);
  let body = firstDay(random, person, population);
  const history: PastSession[] = [];
  const judged: JudgedSet[] = [];
  for (let session = 0; session < SESSIONS; session += 1) {
    if (session > 0) body = nextDay(random, person, body, population, session);
    const today: DoneSet[] = [];
    for (let setIndex = 0; setIndex < TARGET.sets; setIndex += 1) {
      const asked = choose(history, {
        day: body.day,
        setIndex,
        today,
        target: TARGET,
        loadsKg: person.loadsKg,
        startLoadKg: person.startLoadKg,
        trainingAge: person.novice ? 'novice' : 'intermediate',
        reserveCap: RESERVE_CAP,
        bodyLoadKg: person.bodyLoadKg,
      });
      const right = setIndex === 0 ? isRight(person, body, asked) : null;
      const done = liftSet(random, person, body, population, { ...asked, earlier: setIndex, reserveCap: RESERVE_CAP });
      const { reps, failed, reserve } = done;
      today.push({ loadKg: asked.loadKg, plannedReps: asked.reps, reps, failed, reserve });
      judged.push({
        session,
        setIndex,
        loadKg: asked.loadKg,
        reps: asked.reps,
        margin: done.toFailure - asked.reps,
        underRange: reps < TARGET.repsLow,
        toFailure: failed,
        right,
      });
      body = afterSet(body);
    }
    history.push({ day: body.day, sets: today });
  }
  return judged;
};

/** Within 5 % of the ideal load for the reps asked, or within half a rep of the best margin the rack allows. */
const isRight = (person: SimulatedPerson, body: SimulatedBody, asked: { loadKg: number; reps: number }): boolean => {
  const usual: SimulatedBody = { ...body, readiness: 0, fatigue: 0 };
  const capabilityKg = Math.exp(usual.log1rm);
  const idealKg = loadForReps(person, capabilityKg, asked.reps + TARGET.reserve);
  if (Math.abs(asked.loadKg / idealKg - 1) <= 0.05) return true;
  const errorOf = (loadKg: number, reps: number) => Math.abs(trueReps(person, usual, loadKg, 0) - reps - TARGET.reserve);
  let best = Infinity;
  for (const loadKg of person.loadsKg) {
    for (let reps = TARGET.repsLow; reps <= TARGET.repsHigh; reps += 1) best = Math.min(best, errorOf(loadKg, reps));
  }
  return errorOf(asked.loadKg, asked.reps) <= best + 0.5;
};
