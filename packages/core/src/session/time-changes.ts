import type { TimePlan } from '../coaching';
import type { ChangeCause, ItemId, Reason } from '../vocabulary';
import type { FloorChange } from './types';

const BECAUSE: ChangeCause = 'time';

/** Rest after a round of exercises paired to save time, s. House default: half a minute, the other one rests the legs. */
const PAIRED_REST_SECONDS = 30;

/** The steps of a plan that saves time, as changes of the session. `setsDone`: sets each exercise has behind it. */
export const changesOfPlan = (
  { steps }: TimePlan,
  setsDone: (itemId: ItemId) => number = () => 0,
): { change: Extract<FloorChange, { kind: 'sets' | 'leave' | 'pair' }>; reason: Reason }[] =>
  steps.map(({ itemId, does, pairWith, sets, reason }) => {
    if (does === 'pair' && pairWith !== undefined) {
      return { change: { kind: 'pair', itemId, withItemId: pairWith, roundRestSeconds: PAIRED_REST_SECONDS }, reason };
    }
    if (does === 'drop') return { change: { kind: 'leave', itemId, because: BECAUSE }, reason };
    return { change: { kind: 'sets', itemId, sets: setsDone(itemId) + sets, because: BECAUSE }, reason };
  });
