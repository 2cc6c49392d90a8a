import type { ImplementUse } from '../kit';
import type {
  Clean,
  FaultId,
  FaultSeverity,
  ItemId,
  Logger,
  ReserveSource,
  SessionId,
  SetEnding,
  SetId,
  SetKind,
  Side,
} from '../vocabulary';

/** One fault seen in a set. */
export interface SeenFault {
  id: FaultId;
  severity: FaultSeverity;
}

/**
 * One logged set of one side. Unknown is null and never zero. Amending keeps the old row and adds a revision.
 * `externalKg` is the total in both hands, derived from `implements`, which stand as labelled.
 */
export interface SetRecord {
  id: string;
  sessionId: SessionId;
  itemId: ItemId;
  kind: SetKind;
  side: Side;
  /** From 0; both sides of one-sided work share it. */
  setIndex: number;
  /** Circuit round from 0; null outside circuits. */
  round: number | null;
  /** The set a drop hangs from. */
  parentSetId: SetId | null;
  plannedReps: number | null;
  plannedSeconds: number | null;
  reps: number | null;
  seconds: number | null;
  endedBy: SetEnding;
  faults: readonly SeenFault[];
  clean: Clean;
  /** Joint or tendon pain 0–10. */
  jointPain: number | null;
  feltWhere: readonly string[];
  /** Reps that were left; the top of the scale means that many or more. */
  reserve: number | null;
  reserveFrom: ReserveSource | null;
  /** Seconds a hold could have gone on, as was said; the top of the scale means that many or more. Left out by older devices. */
  secondsLeft?: number | null | undefined;
  /** Measured seconds of the four phases, where something measured them. */
  tempoMeasured: readonly number[] | null;
  implements: readonly ImplementUse[];
  externalKg: number;
  bodyMassKg: number | null;
  restBeforeSeconds: number | null;
  loggedBy: Logger;
  deviceId: string;
  deviceSeq: number;
  loggedAt: string;
  /** Undone by the trainer; kept, but out of every sum. */
  removed: boolean;
  receivedAt: string | null;
  revision: number;
}
