import { AppError } from '../shared/errors';
import { findKit } from '../shared/find';
import type { Operation } from '../shared/work';

export const removeKit: Operation<'removeKit'> = async ({ scope }, { params }) => {
  const kit = await findKit(scope, params.kitId);
  const studioKits = await scope.all('kits', { personId: null });
  if (kit.personId === null && studioKits.length === 1) {
    throw new AppError('kit-in-use', 'The studio needs one kit. Change this one instead.');
  }
  const intakes = await scope.all('intakes', {});
  const users = intakes.filter(({ fields }) => fields.places.some(({ kitId }) => kitId === kit.id));
  if (users.length > 0) {
    const people = await scope.all('people', { id: users.map(({ personId }) => personId) });
    throw new AppError(
      'kit-in-use',
      `${people.map(({ name }) => name).join(', ')} train with it. Give them another place first.`,
    );
  }
  await scope.remove('kits', { id: kit.id });
  return { removed: true as const };
};
