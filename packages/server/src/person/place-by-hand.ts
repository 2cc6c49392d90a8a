import { MAIN_FAMILIES } from '@drubo/core/vocabulary';
import { getVariation } from '@drubo/core/catalogue';
import type { Ladder, Rung } from '@drubo/core/catalogue';
import { knownStage, placedOn, placementLock, standingOnRung, standingsByLifts } from '@drubo/core/composing';
import type { SheetInput } from '@drubo/core/composing';
import { explain } from '@drubo/words/explain';
import { rungsOf } from '@drubo/core/knowledge';
import { earnedLift } from '@drubo/core/strength';
import type { PersonRow } from '../db/models';
import type { Scope } from '../db/scope';
import { AppError } from '../shared/errors';
import { composingOf, inputAt } from './composing-of';
import type { PersonFile } from './person-file';
import { keepStandings } from './standings';
import { keepTrack } from './tracks';

/** What a person stands on is worked out from, at their usual place. */
const inputOf = async (scope: Scope, file: PersonFile, today: string): Promise<SheetInput> => {
  const { composing, catalogue } = await composingOf(scope, file, today);
  return inputAt(composing, catalogue, null);
};

/** Puts a person on a rung: the family's track starts there. A helper's ladder has no track of its own. */
const stand = async (scope: Scope, person: PersonRow, input: SheetInput, ladder: Ladder, rung: Rung): Promise<void> => {
  const slot = MAIN_FAMILIES.find((family) => family === ladder.family);
  if (!slot) return;
  // Each day of a plan that has the slot goes on from there.
  const roles = new Set(['all' as const, ...input.tracks.flatMap((one) => (one.slot === slot ? (one.dayRole ?? []) : []))]);
  for (const dayRole of roles) await keepTrack(scope, person.id, { ...placedOn(input, slot, rung), dayRole, memory: {} });
};

/** Places a person by hand, or refuses with what locks the stage. */
export const placeByHand = async (
  scope: Scope,
  file: PersonFile,
  { ladder, rung, today, why }: { ladder: Ladder; rung: Rung; today: string; why: string },
): Promise<void> => {
  const { person } = file;
  const input = await inputOf(scope, file, today);
  const { catalogue } = input.context;
  const locks = placementLock(ladder, rung, input.context);
  if (locks.length > 0) {
    const { name } = getVariation(catalogue, rung.variationId);
    const studio = await scope.studio();
    const nameOf = (id: string): string => getVariation(catalogue, id).name;
    const why = locks.map((lock) => explain(lock, { unit: studio?.unit ?? 'kg', nameOf }).text).join(' ');
    throw new AppError('locked-movement', `${name} is locked for ${person.name}.`, [
      { path: 'body.fields.rungId', message: `is locked for this person here: ${why}` },
    ]);
  }
  await stand(scope, person, input, ladder, rung);
  const standing = standingOnRung(input, ladder, rung);
  await keepStandings(scope, person.id, [{ ...standing, on: today, by: 'hand', reasons: [], why }]);
};

/**
 * A known lift that earns its stage moves the person there, where their track stands on the same movement or lower on its ladder.
 * True: it did.
 */
export const standByLift = async (
  scope: Scope,
  file: PersonFile,
  { variationId, today }: { variationId: string; today: string },
): Promise<boolean> => {
  const { person } = file;
  const input = await inputOf(scope, file, today);
  const { known } = input.context.person;
  if (!earnedLift(known, variationId)) return false;
  for (const { ladder } of rungsOf(variationId)) {
    const rung = knownStage(ladder, known)?.rung;
    const track = input.tracks.find(({ slot }) => slot === ladder.family);
    if (!rung || !track || placementLock(ladder, rung, input.context).length > 0) continue;
    const stands = ladder.rungs.find((one) => one.variationId === track.variationId);
    if (track.variationId !== variationId && !(stands && stands.stage < rung.stage)) continue;
    await stand(scope, person, input, ladder, rung);
    return true;
  }
  return false;
};

/** Keeps the standings that rest on known lifts as these are now. */
export const keepLiftStandings = async (scope: Scope, file: PersonFile, today: string): Promise<void> => {
  const { person } = file;
  const input = await inputOf(scope, file, today);
  const { taken, gone } = standingsByLifts(input, await file.standings(), today);
  await keepStandings(scope, person.id, taken);
  if (gone.length > 0) await scope.remove('standings', { personId: person.id, ladderId: gone });
};
