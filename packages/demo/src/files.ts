import { EMPTY_INTAKE, healthInputOf, liftsOnRecord, recordsOf } from '@drubo/contracts';
import type { FieldsOf, IntakeDto, PersonRecordDto, RecordFields } from '@drubo/contracts';
import { addDays } from '@drubo/core';
import { healthPicture } from '@drubo/core/limits';
import type { HealthPicture } from '@drubo/core/limits';
import { readScreening } from '@drubo/core/screening';
import type { ScreeningResult } from '@drubo/core/screening';
import { knownLiftsOn } from '@drubo/core/strength';
import type { KnownLift } from '@drubo/core/strength';
import { READINESS, SCREENING_TASKS } from '@drubo/core/vocabulary';
import type { FaultId, ReadinessId, ScreeningTaskId } from '@drubo/core/vocabulary';
import type { Story } from './cast';

/** What is kept about one person: the intake, and records in the order they were made. */
export interface PersonFile {
  intake: IntakeDto;
  records: PersonRecordDto[];
}

/** A record and how many days ago it was made. */
type Dated = readonly [daysAgo: number, fields: (on: string) => RecordFields];

const answers = (...yes: ReadinessId[]): IntakeDto['answers'] =>
  Object.fromEntries(READINESS.map((id) => [id, yes.includes(id) ? 'yes' : 'no'])) as IntakeDto['answers'];

const limit =
  (over: Pick<FieldsOf<'limit'>, 'limit' | 'side' | 'severity'> & Partial<FieldsOf<'limit'>>) =>
  (on: string): FieldsOf<'limit'> => ({
    kind: 'limit',
    diagnosed: false,
    since: null,
    aggravates: [],
    note: '',
    askedOn: on,
    ...over,
  });

const note =
  (text: string, over: Partial<FieldsOf<'note'>> = {}) =>
  (on: string): FieldsOf<'note'> => ({ kind: 'note', on, text, pinned: false, watch: false, ...over });

const mass =
  (massKg: number) =>
  (on: string): FieldsOf<'measure'> => ({
    kind: 'measure',
    on,
    massKg,
    heightCm: null,
    thighCm: null,
    shankCm: null,
    trunkCm: null,
  });

/** A lift they did elsewhere, so many days before it was put down. */
const lift =
  (
    variationId: string,
    [loadKg, reps]: readonly [number, number],
    daysBefore: number,
    over: Partial<FieldsOf<'known-lift'>> = {},
  ) =>
  (on: string): FieldsOf<'known-lift'> => ({
    kind: 'known-lift',
    variationId,
    loadKg,
    reps,
    reserve: null,
    isAbout: false,
    source: 'seen',
    isClean: true,
    on: addDays(on, -daysBefore),
    note: '',
    ...over,
  });

/** A whole screening: clean but for the faults named. */
const screening =
  (faults: Partial<Record<ScreeningTaskId, FaultId[]>>, left: number, right: number) =>
  (on: string): FieldsOf<'screening'> => ({
    kind: 'screening',
    on,
    seen: {
      tasks: Object.fromEntries(
        SCREENING_TASKS.filter((task) => task !== 'knee-to-wall').map((task) => [
          task,
          { state: 'judged', faults: faults[task] ?? [], pains: [] },
        ]),
      ) as FieldsOf<'screening'>['seen']['tasks'],
      kneeToWallCm: { left, right },
    },
    note: '',
    done: true,
  });

interface Told {
  intake: Partial<IntakeDto>;
  /** Days ago the person agreed to health notes. */
  agreedDaysAgo: number;
  records: readonly Dated[];
}

/** What each person told and what was seen. Whoever isn't here was not asked yet. */
const TOLD: Record<string, Told> = {
  marit: {
    agreedDaysAgo: 112,
    intake: {
      secondGoal: 'get-stronger',
      ownWords: 'Carry both my boxes up the harbour steps in one go, and never another burpee.',
      chips: [
        { kind: 'task', task: 'carrying' },
        { kind: 'task', task: 'stairs' },
      ],
      daysPerWeek: 2,
      birthYear: 1992,
      answers: answers(),
      contact: { name: 'Joren Sole, brother', phone: '+298 55 01 17' },
    },
    records: [
      [112, mass(69.5)],
      [60, mass(68.6)],
      [14, screening({ 'squat-front': ['knees-cave'] }, 11, 11.5)],
      [9, note('Knees at the bottom of the squat: band on, then without.', { watch: true })],
      [40, note('Night crossings in winter: no session after one.', { pinned: true })],
    ],
  },
  odran: {
    agreedDaysAgo: 104,
    intake: { secondGoal: 'power', daysPerWeek: 3, birthYear: 1985, answers: answers() },
    records: [
      [104, lift('back-squat', [95, 5], 12, { source: 'filmed', reserve: 1 })],
      [104, lift('romanian-deadlift', [90, 6], 900, { source: 'told', isAbout: true })],
      [104, screening({ 'split-left': ['wobble'], 'one-leg-left': ['wobble', 'hip-drops'] }, 5.5, 10.5)],
      [20, limit({ limit: 'ankle-stiff', side: 'left', severity: 3, since: '2014-06-01', note: 'Broken years ago, plate out.' })],
      [13, screening({ 'one-leg-left': ['wobble'] }, 7, 10.5)],
    ],
  },
  yusra: {
    agreedDaysAgo: 98,
    intake: { daysPerWeek: 2, birthYear: 1969, answers: answers('statins') },
    records: [
      [
        5,
        limit({
          limit: 'knee-front',
          side: 'right',
          severity: 3,
          aggravates: ['stairs-down', 'kneeling'],
          note: 'Since the honey harvest.',
        }),
      ],
      [5, note('Ask how the knee was next morning.', { watch: true })],
    ],
  },
  bastian: {
    agreedDaysAgo: 125,
    intake: {
      daysPerWeek: 2,
      birthYear: 1978,
      answers: answers('high-pressure', 'beta-blockers', 'asthma'),
      medicine: 'Inhaler, front pocket of the rucksack',
      contact: { name: 'Ilse Orre', phone: '+298 55 20 46' },
    },
    records: [[38, limit({ limit: 'hamstring-sit-bone', side: 'left', severity: 2, aggravates: ['sitting-long'] })]],
  },
  nell: {
    agreedDaysAgo: 0,
    intake: { daysPerWeek: 2, birthYear: 1997, answers: answers() },
    records: [],
  },
  iwan: {
    agreedDaysAgo: 3,
    intake: {
      daysPerWeek: 2,
      birthYear: 1988,
      answers: answers('surgery-within-two-years'),
      surgery: { procedure: 'Inner meniscus trimmed', on: '2025-09-18', side: 'right' },
    },
    records: [
      [3, lift('deadlift', [140, 3], 480, { source: 'told', isAbout: true })],
      [
        2,
        (on) => ({
          kind: 'clearance',
          role: 'surgeon',
          name: '',
          on,
          until: addDays(on, 120),
          about: ['after-surgery'],
          scope: { families: ['squat', 'hinge', 'bridge'], range: 'middle', maxLoadKg: 60, side: 'both', painUpTo: 2 },
          note: 'No jumps, no deep lunges before spring.',
        }),
      ],
    ],
  },
  petra: {
    agreedDaysAgo: 1,
    intake: { daysPerWeek: 1, answers: answers('faints-or-dizzy') },
    records: [],
  },
  corm: {
    agreedDaysAgo: 6,
    intake: { daysPerWeek: 2, birthYear: 1955, answers: answers('statins') },
    records: [
      [
        6,
        screening(
          { 'squat-side': ['chest-falls', 'heels-lift'], 'one-leg-left': ['wobble'], 'one-leg-right': ['wobble'] },
          8,
          8.5,
        ),
      ],
      [6, limit({ limit: 'ankle-stiff', side: 'both', severity: 3 })],
    ],
  },
};

const asRecord = (story: Story, today: string, [daysAgo, make]: Dated, at: number): PersonRecordDto => {
  const on = addDays(today, -daysAgo);
  return {
    id: `${story.key}-record-${String(at).padStart(2, '0')}`,
    personId: `${story.key}-person`,
    revision: 1,
    removed: false,
    savedAt: `${on}T08:${String(10 + at)}:00.000Z`,
    trainerId: 'trainer-tove',
    fields: make(on),
  };
};

/** A person's file on the day the demo is made; null for somebody nobody asked anything. */
export const fileOf = (story: Story, today: string): PersonFile | null => {
  const told = TOLD[story.key];
  if (!told) return null;
  const consentOn = addDays(today, -told.agreedDaysAgo);
  return {
    intake: { ...EMPTY_INTAKE, ...told.intake, consentOn },
    records: told.records.map((record, at) => asRecord(story, today, record, at)),
  };
};

/** What the file says on an earlier day: records made later are not known yet. */
export const knownOn = (
  file: PersonFile | null,
  story: Story,
  date: string,
): { health: HealthPicture; screening: ScreeningResult | null; known: KnownLift[] } => {
  const isAgreed = file !== null && file.intake.consentOn !== null && file.intake.consentOn <= date;
  const records = (file?.records ?? []).filter(({ savedAt }) => savedAt.slice(0, 10) <= date);
  const intake = isAgreed ? file.intake : EMPTY_INTAKE;
  const health = healthPicture(healthInputOf(intake, records, date, story.weeks > 0));
  const last = recordsOf(records, 'screening')
    .sort((a, b) => a.fields.on.localeCompare(b.fields.on))
    .at(-1);
  const { heightCm, massKg } = story.person;
  const known = knownLiftsOn(liftsOnRecord(intake, records), date);
  return { health, known, screening: last ? readScreening(last.fields.seen, { heightCm, massKg, shankCm: null }) : null };
};
