import { healthInputOf, liftsOnRecord, placeSafetyOf, recordsOf } from '@drubo/contracts';
import type { CareDto, IntakeDto, KitDto, PersonRecordDto } from '@drubo/contracts';
import { roomOf } from '@drubo/core';
import { healthPicture } from '@drubo/core/limits';
import type { HealthPicture } from '@drubo/core/limits';
import { readScreening } from '@drubo/core/screening';
import type { ScreeningResult } from '@drubo/core/screening';
import { knownLiftsOn } from '@drubo/core/strength';
import type { KnownLift } from '@drubo/core/strength';
import type { PlaceSafety } from '@drubo/core/selection';
import type { KitId, KitItem } from '@drubo/core/vocabulary';
import type { PersonRow } from '../db/models';
import type { PersonFile } from './person-file';

/** Everything a person's sheets depend on beside their logs. */
export interface PersonPicture {
  intake: IntakeDto;
  records: PersonRecordDto[];
  health: HealthPicture;
  /** What they are known to have lifted, as it counts on the day. */
  known: KnownLift[];
  /** The last finished screening, read by the rules; null: not screened. */
  screening: ScreeningResult | null;
  kit: KitDto;
  room: ReadonlySet<KitItem>;
  safety: PlaceSafety;
}

const screeningOf = (person: PersonRow, records: readonly PersonRecordDto[]): ScreeningResult | null => {
  const last = recordsOf(records, 'screening')
    .filter(({ fields }) => fields.done)
    .sort((a, b) => a.fields.on.localeCompare(b.fields.on))
    .at(-1);
  if (!last) return null;
  const shanks = recordsOf(records, 'measure').flatMap(({ fields }) => fields.shankCm ?? []);
  const { heightCm, massKg } = person;
  return readScreening(last.fields.seen, { heightCm, massKg, shankCm: shanks.at(-1) ?? null });
};

/**
 * What is known of a person on a day: health, what was seen, and where they train.
 * @param kitId another place than their usual one
 */
export const personPicture = async (file: PersonFile, today: string, kitId: KitId | null = null): Promise<PersonPicture> => {
  const { person } = file;
  const [intake, records, kits] = await Promise.all([file.intake(), file.records(), file.kits()]);
  const usual = intake.places.find((place) => kits.some(({ id }) => id === place.kitId))?.kitId;
  const kit = kits.find(({ id }) => id === kitId) ?? kits.find(({ id }) => id === usual) ?? kits[0];
  if (!kit) throw new Error(`studio ${person.studioId} has no kit`);
  return {
    intake,
    records,
    health: healthPicture(healthInputOf(intake, records, today, person.loadedBefore)),
    known: knownLiftsOn(liftsOnRecord(intake, records), today),
    screening: screeningOf(person, records),
    kit,
    room: roomOf(kit, kit.items),
    safety: placeSafetyOf(
      kit,
      intake.places.find((place) => place.kitId === kit.id),
    ),
  };
};

/** What has to be at hand while somebody trains. */
export const careOf = ({ intake, health, screening }: PersonPicture): CareDto => ({
  state: health.state,
  reasons: health.reasons,
  questions: health.questions,
  cautions: health.cautions,
  contact: intake.contact,
  medicine: intake.medicine,
  weakerSide: screening?.weakerSide ?? null,
  drills: screening?.drills ?? [],
});
