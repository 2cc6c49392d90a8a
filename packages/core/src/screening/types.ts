import type { BasisId, FaultId, LeverId, LeverValue, Reason, ScreeningTaskId, Side, SoreLimitId, TaskState } from '../vocabulary';

/** Pain felt while doing a task, 0–10, where. */
export interface SeenPain {
  limit: SoreLimitId;
  side: Side;
  severity: number;
}

/** What was seen in one task. */
export interface SeenTask {
  state: TaskState;
  faults: readonly FaultId[];
  pains: readonly SeenPain[];
}

/** A whole screening. A task that is missing was not reached; a distance that is null was not measured. */
export interface Seen {
  tasks: Partial<Record<ScreeningTaskId, SeenTask>>;
  kneeToWallCm: { left: number | null; right: number | null };
}

/** The body it was seen on; null: not known. */
export interface ScreenedBody {
  heightCm: number | null;
  massKg: number | null;
  shankCm: number | null;
}

/** What a finding decides. */
export type Effect =
  /** Start no higher than this rung. */
  | { kind: 'start'; ladderId: string; rungId: string }
  /** Use this setting where a movement of the ladder has it. */
  | { kind: 'aid'; ladderId: string; lever: LeverId; value: LeverValue }
  | { kind: 'drill'; variationId: string }
  | { kind: 'limit'; limit: SoreLimitId; side: Side; severity: number }
  /** This side is the weaker or stiffer one. */
  | { kind: 'side'; side: 'left' | 'right' }
  | { kind: 'look-again'; weeks: number };

/** One thing seen and what it means, with why. */
export interface Finding {
  rule: string;
  reason: Reason;
  effects: readonly Effect[];
}

/** Reads a screening. Data and judgement of one rule stand in one file. */
export interface ScreeningRule {
  id: string;
  basis: BasisId;
  evaluate(seen: Seen, body: ScreenedBody): Finding[];
}
