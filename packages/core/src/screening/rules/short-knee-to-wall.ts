import { ankleDegFromKneeToWall, postureBody } from '../../body';
import { reason } from '../../vocabulary';
import { drill, lookAgain } from '../seen';
import type { Finding, ScreeningRule } from '../types';

/** Below this the ankle is short for a squat. Weight-bearing lunge test, Bennell et al. 1998, from memory; the edge is a house default. */
const SHORT_CM = 10;
/** From here it is stiff enough to be a limit of its own, 3 of 10: restricts, locks nothing. House default. */
const STIFF_CM = 7;

/** Short knee-to-wall reach: raise the heels before changing the squat. An ankle nobody measured fires nothing. */
export const shortKneeToWall: ScreeningRule = {
  id: 'short-knee-to-wall',
  basis: 'weight-bearing-lunge-test',
  evaluate({ kneeToWallCm }, { heightCm, massKg, shankCm }) {
    const body =
      heightCm === null
        ? null
        : postureBody({ heightCm, massKg: massKg ?? 70, ...(shankCm === null ? {} : { measured: { shankCm } }) });
    return (['left', 'right'] as const).flatMap((side): Finding[] => {
      const reachCm = kneeToWallCm[side];
      if (reachCm === null || reachCm >= SHORT_CM) return [];
      const ankleDeg = body ? Math.round(ankleDegFromKneeToWall(body, reachCm)) : null;
      return [
        {
          rule: this.id,
          reason: reason('short-reach', { side, reachCm, shortCm: SHORT_CM, ankleDeg }, this.basis),
          effects: [
            { kind: 'aid', ladderId: 'two-leg-squat', lever: 'heel-lift', value: 25 },
            drill('ankle-rock'),
            ...(reachCm < STIFF_CM ? [{ kind: 'limit', limit: 'ankle-stiff', side, severity: 3 } as const] : []),
            lookAgain(6),
          ],
        },
      ];
    });
  },
};
