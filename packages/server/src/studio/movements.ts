import type { MovementDto } from '@drubo/contracts';
import { checkCustom, findVariation, withCustom } from '@drubo/core/catalogue';
import type { Catalogue, CustomProblem, CustomVariation } from '@drubo/core/catalogue';
import { formatCustomProblem } from '@drubo/words/movement-words';
import type { Context } from '../context';
import { toMovement } from '../db/mappers/rows';
import type { MovementRow } from '../db/models';
import type { Scope } from '../db/scope';
import { AppError } from '../shared/errors';

/** Every revision of a movement, newest first. */
export const revisionsOf = (scope: Scope, id: string): Promise<MovementRow[]> =>
  scope.all('movements', { id }, { order: [['revision', 'DESC']] });

/** The newest revision of a movement of this studio. */
export const findMovement = async (scope: Scope, id: string): Promise<MovementRow> => {
  const newest = await scope.one('currentMovements', { id });
  if (!newest) throw new AppError('not-found', 'There is no movement with this id here.');
  return newest;
};

/** The studio's own movements at their newest revision, by name. */
export const currentMovements = async (scope: Scope): Promise<MovementDto[]> =>
  (await scope.all('currentMovements', {})).map(toMovement).sort((a, b) => a.name.localeCompare(b.name));

/** The movements that ship, with the studio's own on top. */
export const catalogueOf = async (scope: Scope, context: Context): Promise<Catalogue> =>
  withCustom(context.catalogue, await currentMovements(scope));

/** Refuses a movement that doesn't fit the rest of the catalogue, naming every field and why. */
export const refuseMisfit = async (scope: Scope, context: Context, custom: CustomVariation): Promise<void> => {
  const catalogue = await catalogueOf(scope, context);
  const problems = checkCustom(catalogue, custom);
  if (problems.length === 0) return;
  const nameOf = (id: string) => findVariation(catalogue, id)?.name ?? id;
  const field = (problem: CustomProblem) => ({
    path: problem.field === 'id' ? 'params.movementId' : `body.${problem.field}`,
    message: formatCustomProblem(problem, nameOf),
  });
  throw new AppError('invalid-input', 'This movement does not fit the others.', problems.map(field));
};
