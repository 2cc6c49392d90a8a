import { getVariation } from '../../catalogue';
import type { Catalogue } from '../../catalogue';
import type { Kit, Load } from '../../kit';
import type { LeverValues, Reason, StandingSource } from '../../vocabulary';
import type { ExerciseLog, PastExercise } from '../types';
import { withStrength } from './could-do';
import { doneIn, gateEvidence, gateTarget } from './evidence';
import type { GateEvidence, GateTarget } from './evidence';
import { rungOf } from './next-rung';

/** Where a person stands on one ladder, and what has been shown toward its gate. */
export interface Standing {
  ladderId: string;
  rungId: string;
  variationId: string;
  values: LeverValues;
  /** Null where nothing has to be earned: the movement may stay the main lift for good. */
  target: GateTarget | null;
  evidence: readonly GateEvidence[];
}

/** A standing as it is kept, one a ladder: since when, by what, and why. It stays when a slot goes on elsewhere. */
export interface KeptStanding extends Standing {
  /** ISO day. */
  on: string;
  by: StandingSource;
  reasons: readonly Reason[];
  /** The trainer's own words, where they placed the person. */
  why: string | null;
}

/** What a standing is read from: the movement now on the person's track, and its sessions. */
export interface StandingInput {
  catalogue: Catalogue;
  kit: Kit;
  variationId: string;
  values: LeverValues;
  dose: { repsLow: number; repsHigh: number; repsBeyond: number; load?: Load };
  bodyMassKg: number | null;
  sessions: readonly PastExercise[];
  /** The last of the sessions as it was judged, for what strength says; left out: only their sets count. */
  log?: ExerciseLog | undefined;
}

/** The days on which what earns the next stage was shown in full, oldest first; none for a movement on no ladder. */
export const gateDays = (input: StandingInput): { day: number; ladderId: string }[] => {
  const found = rungOf(input.variationId, input.values, input.dose.load);
  if (!found?.rung.gate) return [];
  const variation = getVariation(input.catalogue, input.variationId);
  const target = gateTarget(found.rung.gate, variation, input.dose, input.kit, input.bodyMassKg);
  return gateEvidence(input.sessions, target, variation, input.bodyMassKg)
    .filter(({ isMet }) => isMet)
    .map(({ day }) => ({ day, ladderId: found.ladder.id }));
};

const sessionsOf = ({ log, sessions }: StandingInput, target: GateTarget) =>
  log ? withStrength(log, sessions, target) : sessions;

/** Evidence kept: enough for any gate, and for a glance back. */
const KEPT = 6;

/** What was done where nothing has to be earned: sets that count toward nothing. */
const plainly = ({ sessions }: StandingInput): GateEvidence[] =>
  [...sessions]
    .sort((a, b) => a.day - b.day)
    .flatMap(({ sessionId, day, sets }) => {
      const did = doneIn(sets);
      return did.length === 0 ? [] : [{ sessionId, day, sets: did.length, isMet: false, did }];
    });

/** Where a movement puts a person on its ladder; null for a movement on no ladder. */
export const standOn = (input: StandingInput): Standing | null => {
  const found = rungOf(input.variationId, input.values, input.dose.load);
  if (!found) return null;
  const { ladder, rung } = found;
  const variation = getVariation(input.catalogue, input.variationId);
  const target = rung.gate ? gateTarget(rung.gate, variation, input.dose, input.kit, input.bodyMassKg) : null;
  return {
    ladderId: ladder.id,
    rungId: rung.id,
    variationId: input.variationId,
    values: input.values,
    target,
    evidence: (target ? gateEvidence(sessionsOf(input, target), target, variation, input.bodyMassKg) : plainly(input)).slice(
      -KEPT,
    ),
  };
};
