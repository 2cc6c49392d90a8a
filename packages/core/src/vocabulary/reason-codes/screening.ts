import type { FaultId } from '../faults';
import type { SoreLimitId } from '../limits';
import type { ScreeningTaskId } from '../screening';
import type { Side } from '../set-record';

/** What was seen when the person moved, and why a sheet starts where it starts. */
export interface ScreeningReasons {
  'seen-fault': { task: ScreeningTaskId; fault: FaultId };
  'seen-both': { task: ScreeningTaskId; fault: FaultId; other: FaultId };
  'seen-one-side': { fault: FaultId; side: Side };
  'seen-clean': { task: ScreeningTaskId };
  'seen-pain': { task: ScreeningTaskId; limit: SoreLimitId; side: Side; severity: number };
  'short-reach': { side: Side; reachCm: number; shortCm: number; ankleDeg: number | null };
  'reach-differs': { leftCm: number; rightCm: number; gapCm: number };
  'not-seen': { task: ScreeningTaskId };
  'start-usual': { variationId: string };
  'start-by-screening': { ladderId: string; rungId: string };
  'start-supported': { variationId: string };
  'start-by-hand': { ladderId: string; rungId: string; on: string };
  'start-lower': { from: string; to: string };
  'left-for-minutes': { variationId: string; minutes: number; budget: number };
  'nothing-open': { slot: string };
  'kept-to': { variationId: string; settings: string };
}

/** Every code of the group; a missing one does not compile. */
export const SCREENING_CODES: Record<keyof ScreeningReasons, true> = {
  'seen-fault': true,
  'seen-both': true,
  'seen-one-side': true,
  'seen-clean': true,
  'seen-pain': true,
  'short-reach': true,
  'reach-differs': true,
  'not-seen': true,
  'start-usual': true,
  'start-by-screening': true,
  'start-supported': true,
  'start-by-hand': true,
  'start-lower': true,
  'left-for-minutes': true,
  'nothing-open': true,
  'kept-to': true,
};
