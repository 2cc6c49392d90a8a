import { readOfflinePack } from '../pages/offline-pack';
import type { Operation } from '../shared/work';

export const getOfflinePack: Operation<'getOfflinePack'> = (work) => readOfflinePack(work);
