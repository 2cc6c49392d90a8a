import type { BackupsDto } from '@drubo/contracts';
import type { Context } from '../../context';
import type { Handler } from '../../http/handler';

const backupsOf = ({ keeper }: Context): BackupsDto => ({
  folder: keeper.folder,
  made: keeper.backups().map(({ coversUntil, bytes }) => ({ coversUntil: coversUntil.toISOString(), bytes })),
  isOverdue: keeper.isOverdue(new Date()),
});

export const listBackups: Handler<'listBackups'> = (_input, context) => Promise.resolve(backupsOf(context));

export const makeBackup: Handler<'makeBackup'> = async (_input, context) => {
  await context.keeper.backUp();
  return backupsOf(context);
};
