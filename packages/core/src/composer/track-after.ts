import { isSameDose } from '../dose';
import type { Dose } from '../dose';
import type { TrackMemory } from '../progression';
import type { DayRole, LeverValues, MethodId, Reason, Verdict } from '../vocabulary';
import { carryForward } from './carry-forward';
import type { Track } from './types';

/** What was proposed or picked: a verdict, a dose, and another movement or settings where those change. */
export interface Settlement {
  verdict: Verdict;
  dose: Dose;
  variationId?: string | undefined;
  values?: LeverValues | undefined;
}

/** What a review settled for one exercise. */
export interface Settled {
  item: {
    slot: string;
    variationId: string;
    values: LeverValues;
    method: MethodId;
    methodChosen: boolean;
    trackDose: Dose;
    dose: Dose;
    memory?: TrackMemory;
  };
  /** Which days of the plan it belongs to; left out: all. */
  dayRole?: DayRole;
  proposal: Settlement & { reasons: readonly Reason[]; memory?: TrackMemory | undefined };
  chosen: Settlement & { method?: MethodId | undefined };
  sessionDate: string;
}

const isSame = (a: Settlement, b: Settlement): boolean =>
  a.verdict === b.verdict &&
  isSameDose(a.dose, b.dose) &&
  a.variationId === b.variationId &&
  JSON.stringify(a.values ?? {}) === JSON.stringify(b.values ?? {});

/** The track an exercise has after a review: the chosen dose, uncapped, with the reasons it goes on with. */
export const trackAfter = ({ item, proposal, chosen, sessionDate, dayRole = 'all' }: Settled): Track => ({
  dayRole,
  // What was picked instead of the proposal remembers what stood; a loan is over with its session.
  memory: isSame(chosen, proposal) ? (proposal.memory ?? {}) : { ...item.memory, loan: undefined },
  slot: item.slot,
  variationId: chosen.variationId ?? item.variationId,
  values: chosen.values ?? (chosen.variationId && chosen.variationId !== item.variationId ? {} : item.values),
  method: chosen.method ?? item.method,
  methodChosen: chosen.method !== undefined || item.methodChosen,
  dose: carryForward(item.trackDose, item.dose, chosen.dose),
  leftOut: chosen.verdict === 'leave-out',
  lastDecision: {
    verdict: chosen.verdict,
    reasons: proposal.reasons,
    sessionDate,
    edited: !isSame(chosen, proposal),
  },
});
