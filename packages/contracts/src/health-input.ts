import type { Clearance, HealthInput, LimitOnRecord } from '@drubo/core/limits';
import type { PlaceSafety } from '@drubo/core/selection';
import type { LiftsOnRecord } from '@drubo/core/strength';
import type { KitDto } from './dto/dose';
import type { FieldsOf, IntakeDto, PersonRecordDto, RecordKind } from './dto/health';

/** Records of one kind that stand, newest save last. */
export const recordsOf = <Kind extends RecordKind>(
  records: readonly PersonRecordDto[],
  kind: Kind,
): (Omit<PersonRecordDto, 'fields'> & { fields: FieldsOf<Kind> })[] =>
  records.filter((record) => !record.removed && record.fields.kind === kind) as never;

/** What is stored of a person's health as the core reads it. */
export const healthInputOf = (
  intake: IntakeDto,
  records: readonly PersonRecordDto[],
  today: string,
  loadedBefore = false,
): HealthInput => ({
  today,
  loadedBefore,
  birthYear: intake.birthYear,
  answers: intake.answers,
  pressure: intake.pressure,
  surgery: intake.surgery,
  guardianConsent: intake.guardianConsent,
  limits: recordsOf(records, 'limit').map(({ id, fields }): LimitOnRecord => {
    const { limit, side, severity, askedOn } = fields;
    return { id, limit, side, severity, askedOn };
  }),
  signs: recordsOf(records, 'sign').map(({ id, fields: { sign, on } }) => ({ id, sign, on })),
  clearances: recordsOf(records, 'clearance').map(({ id, fields }): Clearance => {
    const { role, on, until, about, scope } = fields;
    return { id, role, on, until, about, scope };
  }),
});

/** Soreness from which a limit counts as an injury that came between. */
const INJURY_FROM = 3;

/** What came between a lift and today, by the day it is known for: an operation, a birth, a sore place. */
const interruptionsOf = (intake: IntakeDto, records: readonly PersonRecordDto[]): LiftsOnRecord['since'] => [
  ...(intake.surgery ? [{ kind: 'operation' as const, on: intake.surgery.on }] : []),
  ...(intake.answers['birth-within-year'] === 'yes' ? [{ kind: 'birth' as const, on: null }] : []),
  ...recordsOf(records, 'limit')
    .filter(({ fields: { severity } }) => severity === null || severity >= INJURY_FROM)
    .map(({ fields: { since, askedOn } }) => ({ kind: 'injury' as const, on: since ?? askedOn })),
];

/** What is stored of a person's known lifts as the core reads it, the latest entry last. */
export const liftsOnRecord = (intake: IntakeDto, records: readonly PersonRecordDto[]): LiftsOnRecord => ({
  lifts: recordsOf(records, 'known-lift').map(({ fields: { kind: _, note: __, ...lift } }) => lift),
  since: interruptionsOf(intake, records),
});

/**
 * What makes a bar safe where a person trains. Somebody nobody asked is taken to train in the trainer's sight, and to know
 * the way out from under a bar.
 */
export const placeSafetyOf = (kit: KitDto, place: IntakeDto['places'][number] | undefined): PlaceSafety => ({
  isHome: kit.place !== 'studio',
  isAlone: place?.isAlone ?? false,
  hasSafeties: kit.hasSafeties,
  hasSpotter: place?.hasSpotter ?? false,
  hasPractisedBailOut: place?.hasPractisedBailOut ?? true,
  hasCollars: kit.hasCollars,
  hasFullDiscs: kit.hasFullDiscs,
});
