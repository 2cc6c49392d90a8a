import { liftsOnRecord, recordsOf } from '@drubo/contracts';
import type { IntakeDto, PersonRecordDto } from '@drubo/contracts';
import { daysAgoWords, formatMass, LIFT_HOLD_WORDS, LIFT_SOURCE_WORDS } from '@drubo/words/explain';
import { knownLiftsOn, newestLift } from '@drubo/core/strength';
import type { KnownLift } from '@drubo/core/strength';
import type { MassUnit } from '@drubo/core/vocabulary';
import { partsLiftsWords } from '@drubo/words/screens/parts-lifts';

const words = partsLiftsWords.knownLifts;

/** A known lift as it is listed: the record, how it counts, and whether a newer one of the movement stands. */
export interface ListedLift {
  id: string;
  lift: KnownLift;
  isOlder: boolean;
}

/** Every known lift of a person, the newest first. */
export const listedLifts = (intake: IntakeDto, records: readonly PersonRecordDto[], today: string): ListedLift[] => {
  const known = knownLiftsOn(liftsOnRecord(intake, records), today);
  return recordsOf(records, 'known-lift')
    .flatMap(({ id }, at): ListedLift[] => {
      const lift = known[at];
      return lift ? [{ id, lift, isOlder: newestLift(known, lift.variationId) !== lift }] : [];
    })
    .sort((a, b) => a.lift.daysAgo - b.lift.daysAgo);
};

/** “120 kg × 5, 1 left · seen 2 weeks ago” */
export const liftLine = ({ loadKg, reps, reserve, isAbout, source, daysAgo }: KnownLift, unit: MassUnit): string =>
  `${isAbout ? words.about : ''}${formatMass(loadKg, unit)} × ${reps}${reserve === null ? '' : reserve === 0 ? words.noneLeft : words.left(reserve)}` +
  ` · ${LIFT_SOURCE_WORDS[source]}, ${daysAgoWords(daysAgo)}`;

/** What it does for the person. */
export const liftEffect = ({ lift: { heldBy }, isOlder }: ListedLift): string => {
  if (isOlder) return words.aNewerOneOf;
  return heldBy.length === 0 ? words.earnsItsStage : words.earnsNoStage(heldBy.map((hold) => LIFT_HOLD_WORDS[hold]).join(', '));
};
