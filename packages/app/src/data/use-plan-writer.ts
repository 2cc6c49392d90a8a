import type { PlanLineDto, PlanWishDto } from '@drubo/contracts';
import type { PersonId, SheetId } from '@drubo/core/vocabulary';
import type { WeekdayPlace } from '@drubo/core/weeks';
import { personAggregate } from './offline/lines';
import { useWriter } from './offline/QueueProvider';
import { useSend } from './use-send';
import type { Sender } from './use-send';

/** Changes somebody's weeks. Each gives false where it was refused, with why in `problem`. */
export interface PlanWriter extends Omit<Sender, 'send'> {
  begin(blockId: string, version: number, wish: PlanWishDto): Promise<boolean>;
  /** Kept on this device and shown at once; what is refused stays to be settled by hand. */
  change(given: {
    version: number;
    blockId: string;
    lines: readonly PlanLineDto[];
    left: readonly string[];
    weekdays?: readonly number[];
    places?: readonly WeekdayPlace[];
  }): Promise<void>;
  undo(version: number): Promise<boolean>;
  end(version: number): Promise<boolean>;
  keepDay(sheetId: SheetId, dayId: string): Promise<boolean>;
}

export const usePlanWriter = (personId: PersonId): PlanWriter => {
  const writer = useWriter();
  const { send, ...sender } = useSend(personAggregate(personId));
  const params = { personId };
  return {
    ...sender,
    begin: (blockId, version, wish) => send({ endpointId: 'beginPlan', params: { personId, blockId }, body: { version, wish } }),
    change: ({ lines, left, weekdays, places, ...given }) =>
      writer.log({
        endpointId: 'changePlan',
        params,
        body: {
          ...given,
          lines: [...lines],
          left: [...left],
          ...(weekdays ? { weekdays: [...weekdays] } : {}),
          ...(places ? { places } : {}),
        },
        aggregate: personAggregate(personId),
      }),
    undo: (version) => send({ endpointId: 'undoPlan', params, body: { version } }),
    end: (version) => send({ endpointId: 'endPlan', params, body: { version } }),
    keepDay: (sheetId, dayId) => send({ endpointId: 'keepPlanDay', params: { personId, sheetId }, body: { dayId } }),
  };
};
