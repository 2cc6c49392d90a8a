import type { SetRecord, SetSlot } from '../log';
import type { EstimateFrom } from '../progression';
import type { ChangeCause, MethodId, Reason } from '../vocabulary';

/** Everything advice after a set rests on. `today` holds this exercise's current sets, in the order they were logged. */
export interface AdviceInput extends EstimateFrom {
  method: MethodId;
  day: number;
  today: readonly SetRecord[];
  /** The row that comes next; undefined when all are logged. */
  next: SetSlot | undefined;
  /** Feeler sets planned before the work sets. */
  feelers: number;
  /** Whether the work was made lighter for pain today already. */
  cutToday?: boolean;
}

/** Load (external kg) and reps for the coming set. */
export interface NextSet {
  loadKg: number;
  reps: number;
}

/** What to do now. Advice can be ignored; nothing is changed behind the trainer's back. */
export interface Advice {
  /** `stop`: leave the exercise; `change`: not as planned; `cue`: same dose, say this; `go`: go on. */
  kind: 'stop' | 'change' | 'cue' | 'go';
  /** What is said, the most important first. */
  reasons: readonly Reason[];
  /** What to fill in for the coming set; null when none comes. */
  next: NextSet | null;
  /** Rest before it, where it differs from the plan. */
  restSeconds: number | null;
  /** As many sets as these today, those done among them; left out: as planned. */
  setsTo?: number;
  /** Why the exercise is left, where that is the advice. */
  because?: ChangeCause;
}

/** One rule: speaks, or lets the next one. `last` is the set just logged. */
export interface AdviceRule {
  id: string;
  advise(input: AdviceInput, last: SetRecord): Advice | null;
}
