import { isSameDose } from '../dose';
import type { Dose } from '../dose';
import type { MethodId, Reason, Verdict } from '../vocabulary';
import { carryForward } from './carry-forward';
import type { Track } from './types';

/** What a review settled for one exercise. */
export interface Settled {
  item: { slot: string; variationId: string; method: MethodId; trackDose: Dose; dose: Dose };
  proposal: { verdict: Verdict; dose: Dose; reasons: readonly Reason[] };
  chosen: { verdict: Verdict; dose: Dose };
  sessionDate: string;
}

/** The track an exercise has after a review: the chosen dose, uncapped, with the reasons it goes on with. */
export const trackAfter = ({ item, proposal, chosen, sessionDate }: Settled): Track => ({
  slot: item.slot,
  variationId: item.variationId,
  method: item.method,
  dose: carryForward(item.trackDose, item.dose, chosen.dose),
  leftOut: chosen.verdict === 'leave-out',
  lastDecision: {
    verdict: chosen.verdict,
    reasons: proposal.reasons,
    sessionDate,
    edited: chosen.verdict !== proposal.verdict || !isSameDose(chosen.dose, proposal.dose),
  },
});
