import { builtInCatalogue, getVariation } from '../catalogue';
import { firstDose, loadsForVariation } from '../dose';
import type { KnownLift } from '../strength';
import type { Dose } from '../dose';
import { defaultKit, snapDown } from '../kit';
import { slotsFor } from '../log';
import type { SetRecord } from '../log';
import { PAIN_NOT_ASKED } from '../progression';
import type { SheetInput } from '../composer';
import type { ExerciseLog, JudgeContext } from '../progression';
import type { PlaceSafety } from '../selection';

/** A logged work set with nothing unusual about it; override what the test is about. */
export const aSet = (over: Partial<SetRecord> = {}): SetRecord => ({
  id: `set-${over.setIndex ?? 0}-${over.side ?? 'both'}`,
  sessionId: 'session-1',
  itemId: 'item-1',
  kind: 'work',
  side: 'both',
  setIndex: 0,
  round: null,
  parentSetId: null,
  plannedReps: 10,
  plannedSeconds: null,
  reps: 10,
  seconds: null,
  endedBy: 'planned',
  faults: [],
  clean: 'yes',
  jointPain: null,
  feltWhere: [],
  reserve: null,
  reserveFrom: null,
  tempoMeasured: null,
  implements: [],
  externalKg: 24,
  bodyMassKg: 68,
  restBeforeSeconds: null,
  loggedBy: 'trainer',
  deviceId: 'device-1',
  deviceSeq: 0,
  loggedAt: '2026-01-05T10:00:00.000Z',
  removed: false,
  receivedAt: null,
  revision: 1,
  ...over,
});

/** What a session of an intermediate lifter of 68 kg is judged with: no limits, nothing known of pain. */
export const aJudgeContext = (over: Partial<JudgeContext> = {}): JudgeContext => ({
  catalogue: builtInCatalogue,
  kit: defaultKit('kg'),
  room: null,
  person: { goal: 'build-muscle', trainingAge: 'intermediate', massKg: 68 },
  limits: [],
  pain: PAIN_NOT_ASKED,
  ...over,
});

/** A goblet squat of 3 × 8–12 at 24 kg (or another variation and dose) with one row per `reps`, ready to judge. */
export const anExerciseLog = (over: {
  variationId?: string;
  dose?: Partial<Dose>;
  loadKg?: number;
  reps?: readonly number[];
  set?: Partial<SetRecord>;
  sets?: readonly SetRecord[];
  bodyMassKg?: number | null;
  method?: ExerciseLog['method'];
  past?: ExerciseLog['past'];
  day?: number;
  values?: ExerciseLog['values'];
  context?: Partial<JudgeContext>;
}): ExerciseLog => {
  const variation = getVariation(builtInCatalogue, over.variationId ?? 'goblet-squat');
  const kit = defaultKit('kg');
  const loads = loadsForVariation(kit, variation);
  const person = { goal: 'build-muscle', trainingAge: 'intermediate', massKg: 68 } as const;
  const base = firstDose(person, variation, kit).dose;
  const load = over.loadKg === undefined ? base.load : (snapDown(loads, over.loadKg) ?? base.load);
  const dose = { ...base, load, ...over.dose };
  const slots = slotsFor({ sets: over.reps?.length ?? 0, stance: variation.stance });
  const made = slots.map(({ setIndex, side }) =>
    aSet({ setIndex, side, reps: over.reps?.[setIndex] ?? null, externalKg: load.externalKg, ...over.set }),
  );
  return {
    itemId: 'item-1',
    variation,
    dose,
    values: over.values ?? {},
    method: over.method ?? 'range-then-load',
    day: over.day ?? 100,
    past: over.past ?? [],
    context: aJudgeContext(over.context),
    sets: over.sets ?? made,
    loads,
    bodyMassKg: over.bodyMassKg === undefined ? 68 : over.bodyMassKg,
  };
};

/** A back squat of 100 kg × 5 seen the day before yesterday, nothing said of what was left. */
export const aKnownLift = (over: Partial<KnownLift> = {}): KnownLift => ({
  variationId: 'back-squat',
  loadKg: 100,
  reps: 5,
  reserve: null,
  isAbout: false,
  source: 'seen',
  isClean: true,
  day: 98,
  daysAgo: 2,
  heldBy: [],
  ...over,
});

/** At home with nobody near and nothing that catches a bar. */
export const HOME_ALONE: PlaceSafety = {
  isHome: true,
  isAlone: true,
  hasSafeties: false,
  hasSpotter: false,
  hasPractisedBailOut: false,
  hasCollars: true,
  hasFullDiscs: true,
};

/** What a sheet is planned from in the third month of two hours a week, with nothing done yet; override what the test is about. */
export const aSheetInput = (context: JudgeContext, over: Partial<SheetInput> = {}): SheetInput => ({
  context,
  tracks: [],
  stage: { sessionsDone: 20, dayOfTraining: 70, daysSinceLast: 3 },
  schools: {},
  daysPerWeek: 2,
  minutes: 60,
  day: 100,
  pastOf: () => [],
  ...over,
});
