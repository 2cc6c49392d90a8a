import type { Operation } from '../shared/work';
import { exportBundle } from '../transfer/export-bundle';

export const exportStudio: Operation<'exportStudio'> = async ({ context, caller }) => {
  return exportBundle(context, caller.studioId);
};
