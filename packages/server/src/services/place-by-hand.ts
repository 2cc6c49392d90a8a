import { firstDose } from '@drubo/core';
import type { Rung, Variation } from '@drubo/core/catalogue';
import { defaultMethod, standOn } from '@drubo/core/judging';
import { MAIN_FAMILIES } from '@drubo/core/vocabulary';
import type { Context } from '../context';
import type { PersonRow } from '../db/models';
import type { Scope } from '../db/scope';
import { catalogueOf } from './movements';
import type { PersonPicture } from './person-picture';

/** Puts a person on a rung: the family's track starts there with a first dose. A helper's ladder has no track of its own. */
export const placeByHand = async (
  scope: Scope,
  context: Context,
  person: PersonRow,
  { rung, variation, picture, family }: { rung: Rung; variation: Variation; picture: PersonPicture; family: string },
): Promise<void> => {
  const slot = MAIN_FAMILIES.find((main) => main === family);
  if (!slot) return;
  const values = rung.values ?? {};
  const { dose } = firstDose(person, variation, picture.kit, values);
  const standing = standOn({
    catalogue: await catalogueOf(scope, context),
    kit: picture.kit,
    variationId: variation.id,
    values,
    dose,
    bodyMassKg: person.massKg,
    sessions: [],
  });
  await scope.upsert('tracks', {
    personId: person.id,
    dayRole: 'all',
    memory: {},
    slot,
    variationId: variation.id,
    leverValues: values,
    method: defaultMethod(variation, dose.load, person.schools),
    methodChosen: false,
    dose,
    leftOut: false,
    lastDecision: null,
    standing,
    estimatorState: null,
  });
};
