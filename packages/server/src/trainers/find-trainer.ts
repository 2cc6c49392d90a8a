import type { TrainerRow } from '../db/models';
import type { Scope } from '../db/scope';
import { AppError } from '../shared/errors';

/** A trainer who is here; one who left is not found. */
export const findTrainer = async (scope: Scope, id: string): Promise<TrainerRow> => {
  const trainer = await scope.one('trainers', { id, removedAt: null });
  if (!trainer) throw new AppError('not-found', 'There is no trainer with this id here.');
  return trainer;
};

/** Refuses what would leave a studio without an owner: nobody could invite, remove or hand on any more. */
export const refuseLastOwner = async (scope: Scope, trainer: TrainerRow): Promise<void> => {
  if (trainer.role !== 'owner') return;
  const owners = await scope.all('trainers', { role: 'owner', removedAt: null });
  if (owners.length === 1) throw new AppError('last-owner', 'The studio needs an owner. Make another trainer an owner first.');
};
