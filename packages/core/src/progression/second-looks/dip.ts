import { reason } from '../../vocabulary';
import { asEased, easeOneStep } from '../ease';
import { likeSessions } from '../progress';
import type { SecondLook } from '../types';

/** Two sessions running this much below the one before them. House default: beyond a day's usual swing. */
const DIP = { sessions: 2, share: 0.03 } as const;

/**
 * Two sessions down, each below the one before by more than a usual day's swing: ease back. Only for the classic
 * methods: the strength estimate already carries a dip.
 */
export const dip: SecondLook = {
  id: 'dip',
  look: (outcome, log, done) => {
    if (log.method === 'reserve-led' || outcome.verdict !== 'same-again') return null;
    const sessions = likeSessions(log).slice(0, DIP.sessions + 1);
    if (sessions.length <= DIP.sessions) return null;
    const fell = sessions
      .slice(0, DIP.sessions)
      .every((now, at) => now.capacityKg < (sessions[at + 1]?.capacityKg ?? 0) * (1 - DIP.share));
    if (!fell) return null;
    const first = sessions[DIP.sessions]?.capacityKg ?? 1;
    const percent = Math.round((1 - (sessions[0]?.capacityKg ?? first) / first) * 100);
    const eased = easeOneStep(log, done.load);
    const why = reason('dip', { sessions: DIP.sessions, percent }, 'common-practice');
    return asEased(eased, [...outcome.reasons, why]);
  },
};
