import { builtInCatalogue, getVariation, mustBeLoaded } from '../catalogue';
import type { Ladder, Rung } from '../catalogue';
import { LADDERS } from '../catalogue/knowledge';
import { allowedLoads, firstDose, plannedReps } from '../dose';
import { defaultKit, KIT_PRESETS, roomOf } from '../kit';
import type { Kit } from '../kit';
import { accessTo, takenOn } from '../selection';
import { aJudgeContext, aSet } from '../testing';
import { KIT_ITEMS } from '../vocabulary';
import { decideExercise, defaultMethod, sidesOf } from '.';
import type { Decision, ExerciseLog, JudgeContext, PastExercise } from '.';

const studio = defaultKit('kg');
const oneBell: Kit = {
  ...studio,
  gear: [],
  pieces: studio.pieces.filter(({ type, value }) => type === 'kettlebell' && value === 16),
};
const ROOMS: readonly [string, JudgeContext][] = [
  ['a room with everything', aJudgeContext({ kit: studio, room: roomOf(studio, KIT_ITEMS) })],
  ['one bell in a living room', aJudgeContext({ kit: oneBell, room: roomOf(oneBell, KIT_PRESETS[1].items) })],
];
const PERSON = { goal: 'build-muscle', trainingAge: 'intermediate', massKg: 68 } as const;

/** Why nothing goes on any more, said. */
const ENDS = new Set(['at-the-ceiling', 'timed-longest', 'rung-locked', 'rung-bypassed', 'rung-unearned', 'gate-none']);

const begin = (context: JudgeContext, rung: Rung): ExerciseLog => {
  const { variation, values } = takenOn(getVariation(builtInCatalogue, rung.variationId), rung.values ?? {}, context);
  const { dose } = firstDose(PERSON, variation, context.kit, values);
  const loads = allowedLoads(context.kit, context.limits, variation, values);
  const method = defaultMethod(variation, dose.load, {});
  return {
    itemId: 'i',
    variation,
    values,
    dose: { ...dose, sets: 3 },
    method,
    day: 0,
    sets: [],
    past: [],
    loads,
    context,
    bodyMassKg: 68,
  };
};

/** The session done as asked, every set clean, with all the reserve there is. */
const done = (log: ExerciseLog): ExerciseLog => {
  const { dose } = log;
  const isTimed = dose.seconds !== undefined;
  const sets = Array.from({ length: dose.sets }).flatMap((_, setIndex) =>
    sidesOf(log).map((side) =>
      aSet({
        setIndex,
        side,
        kind: isTimed ? 'timed' : 'work',
        plannedReps: isTimed ? null : plannedReps(dose),
        reps: isTimed ? null : plannedReps(dose),
        seconds: dose.seconds ?? null,
        externalKg: dose.load.externalKg,
        reserve: 5,
      }),
    ),
  );
  return { ...log, sets };
};

const next = (log: ExerciseLog, { dose, values, variationId, memory }: Decision): ExerciseLog => {
  const { context } = log;
  const isOther = variationId !== undefined && variationId !== log.variation.id;
  const base = getVariation(builtInCatalogue, variationId ?? log.variation.id);
  const { variation, values: settings } = takenOn(base, values ?? (isOther ? {} : log.values), context);
  const session: PastExercise = { sessionId: `s${log.day}`, day: log.day, dose: log.dose, values: log.values, sets: log.sets };
  return {
    ...log,
    variation,
    values: settings,
    dose,
    method: isOther ? defaultMethod(variation, dose.load, {}) : log.method,
    day: log.day + 3,
    sets: [],
    past: isOther ? [] : [...log.past, session].slice(-8),
    loads: allowedLoads(context.kit, context.limits, variation, settings),
    memory,
  };
};

/** Sessions of the same again after which a way has ended, and the most a way may take. */
const STILL = 8;
const MOST = 260;

const walk = (context: JudgeContext, rung: Rung): { log: ExerciseLog; said: string[] } => {
  let log = begin(context, rung);
  let still = 0;
  const said = new Set<string>();
  for (let at = 0; at < MOST && still < STILL; at += 1) {
    const trained = done(log);
    const decision = decideExercise(trained);
    still = decision.verdict === 'same-again' ? still + 1 : 0;
    if (still === 0) said.clear();
    for (const { code } of decision.reasons) said.add(code);
    log = next(trained, decision);
    // Whatever it leads to can be done here, with a weight where the movement is never done without.
    expect([log.variation.id, accessTo(log.variation, context).state]).not.toEqual([log.variation.id, 'locked']);
    if (mustBeLoaded(log.variation)) expect(log.dose.load.externalKg).toBeGreaterThan(0);
  }
  return { log, said: [...said] };
};

const isOpen = (context: JudgeContext, { variationId }: Rung): boolean =>
  accessTo(getVariation(builtInCatalogue, variationId), context).state !== 'locked';

const isTop = (ladder: Ladder, id: string): boolean =>
  ladder.rungs.some(
    (rung) => rung.variationId === id && !ladder.rungs.some(({ from, aside }) => !aside && from.includes(rung.id)),
  );

// Source: design: every rung has a way on: a walk ends at a top rung, a lock with its reason, or the kit's end with a lever.
describe.each(ROOMS)('every ladder walked from every rung in %s', (_room, context) => {
  const starts = LADDERS.flatMap((ladder) =>
    ladder.rungs
      .filter((rung) => !rung.aside && isOpen(context, rung))
      .map((rung) => [`${ladder.id} from ${rung.id}`, ladder, rung] as const),
  );
  it.each(starts)('%s ends, and says why', (_name, ladder, rung) => {
    const { log, said } = walk(context, rung);
    const hasEnded = isTop(ladder, log.variation.id) || said.some((code) => ENDS.has(code));
    expect([log.variation.id, hasEnded ? [] : said]).toEqual([log.variation.id, []]);
  });
});
