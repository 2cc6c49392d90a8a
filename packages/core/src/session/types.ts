import type { ContentItem } from '../composer';
import type { Dose } from '../dose';
import type {
  ChangeCause,
  Energy,
  Illness,
  ItemId,
  JointArea,
  LeverValues,
  Morning,
  Reason,
  Role,
  Side,
  Sleep,
  SoreMuscle,
} from '../vocabulary';

/** Something changed about a session while it ran. Changes are only added, so two phones never undo each other's. */
export type FloorChange<I extends ContentItem = ContentItem> =
  | { kind: 'add'; item: I; role: Role; afterItemId: ItemId | null }
  | { kind: 'swap'; itemId: ItemId; item: I; because: ChangeCause }
  /** As many sets as these, the logged ones among them. */
  | { kind: 'sets'; itemId: ItemId; sets: number; because: ChangeCause }
  | { kind: 'leave'; itemId: ItemId; because: ChangeCause }
  /** Done in turn with another from now on, resting after each round. */
  | { kind: 'pair'; itemId: ItemId; withItemId: ItemId; roundRestSeconds: number }
  /** Another dose and other settings for today only. */
  | { kind: 'dose'; itemId: ItemId; dose: Dose; values: LeverValues; because: ChangeCause };

/** What was asked before the first set. Null was not asked, and nothing may take it for good. */
export interface CheckIn {
  sleep: Sleep | null;
  energy: Energy | null;
  illness: Illness | null;
  /** Painkillers in the last 8 h. */
  painkillers: boolean | null;
  /** Muscle soreness 0–10; an empty list: asked, and none. */
  soreness: readonly { muscle: SoreMuscle; level: number }[] | null;
  /** Pain of joints or tendons 0–10, before anything was done; an empty list: asked, and none. */
  joints: readonly { area: JointArea; side: Side; pain: number }[] | null;
  /** How the last session's pain was the morning after. */
  morning: Morning | null;
  /** Hard sport elsewhere since the last session. */
  outsideSport: boolean | null;
  /** mmHg. */
  pressure: { systolic: number; diastolic: number } | null;
  /** Minutes there are today. */
  minutes: number | null;
}

/** What a check-in asks for: a change to take or leave, or something to know, with why. */
export interface Proposal {
  /** Stable within one list: what it is about and what it does. */
  id: string;
  /** Null: nothing on the sheet changes, it is only to be known. */
  change: Exclude<FloorChange, { kind: 'add' | 'swap' }> | null;
  reason: Reason;
}

/** What a check-in makes of a session. */
export interface CheckResult {
  /** No session today, and why. */
  stops: readonly Reason[];
  proposals: readonly Proposal[];
}
