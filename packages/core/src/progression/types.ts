import type { Catalogue, Variation } from '../catalogue';
import type { Dose, DosePerson } from '../dose';
import type { Kit, Load } from '../kit';
import type { PersonLimit } from '../limits';
import type { PlaceSafety } from '../selection';
import type { SetRecord } from '../log';
import type { TrackMemory } from './memory';
import type {
  CarefulCause,
  ChangeCause,
  ChangeLever,
  ItemId,
  KitItem,
  LeverId,
  LeverValue,
  LeverValues,
  MethodId,
  QuestionId,
  Reason,
  SessionId,
  SetId,
  Verdict,
} from '../vocabulary';

/** An earlier session of the same movement. `day`: whole days on any one clock. Sets are current revisions. */
export interface DoneExercise {
  day: number;
  dose: Dose;
  values: LeverValues;
  sets: readonly SetRecord[];
}

/** The same with the session it was done in. */
export interface PastExercise extends DoneExercise {
  sessionId: SessionId;
}

/** What is known of pain around this session. Unknown is null and never good. */
export interface PainContext {
  /** Joint pain before the first set, 0–10. */
  atStart: number | null;
  /** Whether a limit on the area is known and cleared, and up to which pain the clearance goes. */
  clearedUpTo: number | null;
  /** Painkillers in the last 8 h: pain numbers don't count. */
  painkillers: boolean;
  /** Whether it had settled by the next morning. */
  settledByMorning: boolean | null;
  /** Worst pain of the same area in the session before. */
  lastTime: number | null;
}

/** Nothing known about pain but what the sets say. */
export const PAIN_NOT_ASKED: PainContext = {
  atStart: null,
  clearedUpTo: null,
  painkillers: false,
  settledByMorning: null,
  lastTime: null,
};

/** What every exercise of a session is judged with. */
export interface JudgeContext {
  catalogue: Catalogue;
  kit: Kit;
  /** What is in the room; null: not known, so kit locks nothing. */
  room: ReadonlySet<KitItem> | null;
  person: DosePerson;
  limits: readonly PersonLimit[];
  /** What makes a bar safe at the place; left out: not known. */
  safety?: PlaceSafety | undefined;
  pain: PainContext;
  /** Why loads rise slowly whatever the movement; left out: nothing. */
  careful?: readonly CarefulCause[];
}

/** Everything a decision about one exercise rests on. `sets` are current revisions of this session. */
export interface ExerciseLog {
  itemId: ItemId;
  variation: Variation;
  values: LeverValues;
  dose: Dose;
  method: MethodId;
  sets: readonly SetRecord[];
  /** This session's day, and earlier sessions of this movement, any order. */
  day: number;
  past: readonly PastExercise[];
  /** Every load the kit makes for this variation, lightest first. */
  loads: readonly Load[];
  bodyMassKg: number | null;
  context: JudgeContext;
  /** Where the day was made shorter or easier on purpose: sets aimed at, and whether loads or settings were eased. */
  cut?: { sets: number; because: ChangeCause; isEased: boolean } | undefined;
  /** The dose without the caps of the day; left out: the same. */
  usual?: Dose | undefined;
  /** What the exercise's track remembers. */
  memory?: TrackMemory | undefined;
  /** Whether it stands in a block that goes round: what can't go round never takes its place. Left out: it doesn't. */
  goesRound?: boolean;
  /** Why it must not move up today whatever was done; left out: nothing. */
  holds?: readonly Reason[] | undefined;
}

/** The one thing a decision changes. */
export type Change =
  | { lever: ChangeLever; from: number; to: number }
  | { lever: 'variation'; from: string; to: string }
  | { lever: LeverId; from: LeverValue; to: LeverValue };

/** What a question or a method concludes: the verdict, the next dose, its one change. */
export interface Outcome {
  verdict: Verdict;
  change: Change | null;
  dose: Dose;
  reasons: readonly Reason[];
  /** Another movement from now on; left out: the same. */
  variationId?: string;
  /** Its settings from now on; left out: as they were. */
  values?: LeverValues;
  /** What the track remembers from now on; left out: as it did. */
  memory?: TrackMemory | undefined;
  /** Whether it only gives back what had been taken off. */
  isReturn?: boolean;
}

/** One question of the trace, in the order asked, and whether it settled the verdict. */
export interface TraceStep {
  question: QuestionId;
  spoke: boolean;
}

/** The judgement of one exercise, with its whole trace and the very set revisions it used. */
export interface Decision extends Outcome {
  itemId: ItemId;
  method: MethodId;
  engineVersion: string;
  usedSets: readonly { setId: SetId; revision: number }[];
  trace?: readonly TraceStep[];
}

/** Work sets seen as the methods need them. */
export interface WorkDone {
  /** Rows that count: interrupted and doubtful ones left out. */
  rows: readonly (SetRecord & { reps: number })[];
  /** Sets finished on every side they ask for. */
  completeSets: number;
  /** The load most rows were done with; the planned one when nothing was done. */
  load: Load;
}

/** A question asked before the method; null lets the next one ask. */
export interface Question {
  id: QuestionId;
  /** Whether its “same again” only keeps work from rising: work that was too hard still eases. */
  onlyHolds?: true;
  ask(log: ExerciseLog, done: WorkDone): Outcome | null;
}

/** A question asked of what the method concluded; null lets it stand. */
export interface SecondLook {
  id: QuestionId;
  look(outcome: Outcome, log: ExerciseLog, done: WorkDone): Outcome | null;
}

/** A named way to progress. */
export interface Method {
  id: MethodId;
  decide(log: ExerciseLog, done: WorkDone): Outcome;
}
