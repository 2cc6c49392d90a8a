import type { PersonId } from '@drubo/core/vocabulary';
import type { IntakeDto, KitDto, PersonRecordDto } from '@drubo/contracts';
import type { Catalogue } from '@drubo/core/catalogue';
import type { Track } from '@drubo/core/composing';
import type { KeptStanding } from '@drubo/core/judging';
import type { Context } from '../context';
import type { PersonRow, SessionRow } from '../db/models';
import { currentRecords } from '../db/queries/person-records';
import type { Scope } from '../db/scope';
import { findPerson } from '../shared/find';
import { kitsFor } from '../studio/kits-for';
import { catalogueOf } from '../studio/movements';
import { exerciseHistory } from './exercise-history';
import type { ExerciseHistory } from './exercise-history';
import { intakeOf } from './intake-of';
import { keptPlan } from './plan';
import type { KeptPlan } from './plan';
import { standingsOf } from './standings';
import { tracksOf } from './tracks';

/**
 * Everything kept about one person, opened once for a question or a command and handed down. Each part is read when it is
 * first asked for, and once. What a command writes it does not show: open it again after a write that it should show.
 */
export interface PersonFile {
  readonly person: PersonRow;
  intake(): Promise<IntakeDto>;
  /** When the intake was last saved; null where nobody did. */
  intakeSavedAt(): Promise<string | null>;
  /** Current ones, in the order they were first made. */
  records(): Promise<PersonRecordDto[]>;
  /** Kits they may train with: the studio's first, then their own home's. */
  kits(): Promise<KitDto[]>;
  tracks(): Promise<Track[]>;
  standings(): Promise<KeptStanding[]>;
  /** Sessions that are over and count, oldest first. */
  sessionsDone(): Promise<SessionRow[]>;
  /** What they did before a moment; null: all of it. */
  historyBefore(startedBefore: string | null): Promise<ExerciseHistory>;
  catalogue(): Promise<Catalogue>;
  /** Their weeks, and what of them was trained. */
  plan(): Promise<KeptPlan>;
}

const once = <T>(read: () => Promise<T>): (() => Promise<T>) => {
  let held: Promise<T> | undefined;
  return () => (held ??= read());
};

/** Sessions that count as done when asking how new a person is. */
const DONE_STATES: SessionRow['state'][] = ['finished', 'reviewed'];

export const personFile = (scope: Scope, context: Context, person: PersonRow): PersonFile => {
  const { id } = person;
  const keptIntake = once(() => intakeOf(scope, id));
  const histories = new Map<string | null, Promise<ExerciseHistory>>();
  const file: PersonFile = {
    person,
    intake: async () => (await keptIntake()).fields,
    intakeSavedAt: async () => (await keptIntake()).savedAt,
    records: once(() => currentRecords(scope, id)),
    kits: once(() => kitsFor(scope, id)),
    tracks: once(() => tracksOf(scope, id)),
    standings: once(() => standingsOf(scope, id)),
    sessionsDone: once(() => scope.all('sessions', { personId: id, state: DONE_STATES }, { order: [['startedAt', 'ASC']] })),
    historyBefore: (startedBefore) => {
      const known = histories.get(startedBefore) ?? exerciseHistory(scope, id, startedBefore);
      histories.set(startedBefore, known);
      return known;
    },
    catalogue: once(() => catalogueOf(scope, context)),
    plan: once(() => keptPlan(scope, file)),
  };
  return file;
};

/** The file of a person by id. Refuses one that is not there. */
export const findPersonFile = async (scope: Scope, context: Context, personId: PersonId): Promise<PersonFile> =>
  personFile(scope, context, await findPerson(scope, personId));
