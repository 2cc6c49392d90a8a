import type { FaultId } from '../faults';
import type { SoreLimitId } from '../limits';
import type { ScreeningTaskId } from '../screening';
import type { Side } from '../set-record';
import { values } from './define';
import type { ValuesOf } from './define';

/** What was seen when the person moved, and why a sheet starts where it starts. */
export const SCREENING_REASONS = {
  'seen-fault': values<{ task: ScreeningTaskId; fault: FaultId }>(),
  'seen-both': values<{ task: ScreeningTaskId; fault: FaultId; other: FaultId }>(),
  'seen-one-side': values<{ fault: FaultId; side: Side }>(),
  'seen-clean': values<{ task: ScreeningTaskId }>(),
  'seen-pain': values<{ task: ScreeningTaskId; limit: SoreLimitId; side: Side; severity: number }>(),
  'short-reach': values<{ side: Side; reachCm: number; shortCm: number; ankleDeg: number | null }>(),
  'reach-differs': values<{ leftCm: number; rightCm: number; gapCm: number }>(),
  'not-seen': values<{ task: ScreeningTaskId }>(),
  'start-usual': values<{ variationId: string }>(),
  'start-by-screening': values<{ ladderId: string; rungId: string }>(),
  'start-supported': values<{ variationId: string }>(),
  'start-by-hand': values<{ ladderId: string; rungId: string; on: string }>(),
  'start-lower': values<{ from: string; to: string }>(),
  'left-for-minutes': values<{ variationId: string; minutes: number; budget: number }>(),
  'nothing-open': values<{ slot: string }>(),
  'kept-to': values<{ variationId: string; settings: string }>(),
};

export type ScreeningReasons = ValuesOf<typeof SCREENING_REASONS>;
