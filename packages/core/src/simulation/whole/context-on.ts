import { builtInCatalogue, getVariation } from '../../catalogue';
import { recentWork } from '../../composer';
import type { SheetInput, Track } from '../../composer';
import { roomOf } from '../../kit';
import type { PlaceKit } from '../../kit';
import { healthPicture } from '../../limits';
import type { HealthPicture } from '../../limits';
import { habitOf, PAIN_NOT_ASKED } from '../../progression';
import type { JudgeContext, KeptStanding, PastExercise } from '../../progression';
import { liftOn } from '../../strength';
import { clearedPain } from '../../session';
import { addDays, dayNumber } from '../../units';
import type { WholePerson } from './person';

/** The first day of every simulated person: a Monday. */
const FIRST_DATE = '2026-01-05';

export const dateOf = (day: number): string => addDays(FIRST_DATE, day);

/** What is known of the person's health on a day. */
export const healthOn = (person: WholePerson, day: number): HealthPicture =>
  healthPicture({
    pressure: null,
    surgery: null,
    guardianConsent: true,
    limits: [],
    signs: [],
    clearances: [],
    ...person.health,
    today: dateOf(day),
    birthYear: person.age === null ? null : Number(FIRST_DATE.slice(0, 4)) - person.age,
  });

const safetyOf = (person: WholePerson, kit: PlaceKit): NonNullable<JudgeContext['safety']> => ({
  isHome: kit.place !== 'studio',
  isAlone: person.isAlone ?? false,
  hasSafeties: kit.hasSafeties,
  hasSpotter: false,
  hasPractisedBailOut: true,
  hasCollars: kit.hasCollars,
  hasFullDiscs: kit.hasFullDiscs,
});

/** What exercises are planned and judged with on a day. */
export const contextOn = (person: WholePerson, day: number, kit: PlaceKit, pasts: Pasts): JudgeContext => {
  const { limits, careful, age } = healthOn(person, day);
  const done = [...pasts].map(([id, past]) => ({ variation: getVariation(builtInCatalogue, id), past }));
  const habitReserve = habitOf(done, dayNumber(dateOf(day)));
  const known = (person.knownLifts ?? []).map(({ daysBefore, ...lift }) =>
    liftOn({ ...lift, day: dayNumber(FIRST_DATE) - daysBefore }, dayNumber(dateOf(day)), []),
  );
  return {
    catalogue: builtInCatalogue,
    kit,
    room: roomOf(kit, kit.items),
    person: { goal: person.goal, trainingAge: person.trainingAge, massKg: person.massKg, age, habitReserve, known },
    limits,
    safety: safetyOf(person, kit),
    pain: { ...PAIN_NOT_ASKED, clearedUpTo: clearedPain(limits) },
    careful,
  };
};

/** Everything done so far, by movement. */
export type Pasts = Map<string, PastExercise[]>;

/** What a sheet is planned from on a day, for the next session. */
export const inputOn = (
  person: WholePerson,
  {
    day,
    trainsOn,
    kit,
    tracks,
    standings,
    pasts,
    doneDays,
  }: {
    day: number;
    trainsOn: number;
    kit: PlaceKit;
    tracks: readonly Track[];
    standings: readonly KeptStanding[];
    pasts: Pasts;
    doneDays: readonly number[];
  },
): SheetInput => ({
  context: contextOn(person, day, kit, pasts),
  tracks,
  standings,
  stage: {
    sessionsDone: doneDays.length,
    dayOfTraining: day - (doneDays[0] ?? day),
    daysSinceLast: doneDays.length === 0 ? null : day - (doneDays.at(-1) ?? day),
  },
  schools: person.schools ?? {},
  starts: person.starts ?? [],
  aids: person.aids ?? {},
  drills: person.drills ?? [],
  dislikes: person.dislikes ?? [],
  chips: person.chips ?? [],
  daysPerWeek: person.daysPerWeek,
  secondGoal: person.secondGoal ?? null,
  recent: recentWork(
    [...pasts].flatMap(([id, past]) =>
      past
        .filter(({ day: on }) => on > dayNumber(dateOf(day)) - 10)
        .map(({ day: on, sets }) => ({ day: on, sets, variation: getVariation(builtInCatalogue, id) })),
    ),
  ),
  minutes: person.minutes,
  day: dayNumber(dateOf(day)),
  trainsOn: dayNumber(dateOf(trainsOn)),
  pastOf: (variationId) => pasts.get(variationId) ?? [],
});
