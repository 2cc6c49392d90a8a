import { readOfflinePack } from '../pages/offline-pack';
import type { Operation } from '../shared/work';

export const getOfflinePack: Operation<'getOfflinePack'> = async ({ context, caller }) => {
  return readOfflinePack(context, caller);
};
