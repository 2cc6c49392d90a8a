import type { PlaceKit } from '../../kit';
import type { HealthInput } from '../../limits';
import type { LadderStart } from '../../screening';
import type { KnownLift } from '../../strength';
import type { Chip, FaultId, Goal, JointArea, LeverValues, Schools, SessionShape, TrainingAge } from '../../vocabulary';

/** A joint that hurts for some weeks: from which week, how long, and how much where it is loaded as before. 0–10. */
export interface Flare {
  joint: JointArea;
  fromWeek: number;
  weeks: number;
  level: number;
}

/** A day that is not like the others: another shape, place or number of minutes, asked for that day only. */
export interface OddDay {
  week: number;
  shape?: SessionShape;
  minutes?: number;
  kit?: PlaceKit;
  intent?: 'lighter';
}

/**
 * A whole invented person for months of simulated training. What they say, what hurts and when they stay away are
 * given; how strong they are in each movement is drawn. Everything here is invented.
 */
export interface WholePerson {
  key: string;
  /** Whole years on the first day; null: not asked. */
  age: number | null;
  goal: Goal;
  secondGoal?: Goal;
  trainingAge: TrainingAge;
  daysPerWeek: number;
  minutes: number;
  massKg: number;
  kit: PlaceKit;
  /** Nobody else there while they train. */
  isAlone?: boolean;
  /** What is known of their health, dates apart. */
  health: Pick<HealthInput, 'answers'> & Partial<Omit<HealthInput, 'today' | 'birthYear' | 'answers'>>;
  starts?: readonly LadderStart[];
  aids?: Readonly<Record<string, LeverValues>>;
  drills?: readonly string[];
  dislikes?: readonly string[];
  /** What was confirmed of their own words. */
  chips?: readonly Chip[];
  /** What they lifted before the first day, and how many days before. */
  knownLifts?: readonly (Omit<KnownLift, 'day' | 'daysAgo' | 'heldBy'> & { daysBefore: number })[];
  schools?: Schools;
  /** Strength as a multiple of what is usual for their body mass. */
  strength: number;
  /** Share of reports that are missing, how far reports fall short far from failure, and a number always given. */
  reports: { missing: number; bias: number; always?: number };
  /** Chance that a session is missed, and that a set breaks by a fault when it is not near failure. */
  missed: number;
  faults: number;
  /** A fault that comes back in one slot, every so many sessions. */
  fault?: { slot: string; id: FaultId; every: number };
  flares?: readonly Flare[];
  /** Weeks away: from which week, and how many. */
  away?: readonly { fromWeek: number; weeks: number }[];
  odd?: readonly OddDay[];
  /** Real time over planned time. */
  pace: number;
  /** Whether the hands give out first from this external load on, kg. */
  gripKg?: number;
}
