import { reason } from '../../vocabulary';
import { drill } from '../seen';
import type { ScreeningRule } from '../types';

/** A gap between the ankles that is more than measuring error. About 1.5–2 cm is noise, from memory; the edge is a house default. */
const GAP_CM = 2.5;

/** One ankle is stiffer: its side starts, and gets the drill. */
export const kneeToWallDiffers: ScreeningRule = {
  id: 'knee-to-wall-differs',
  basis: 'weight-bearing-lunge-test',
  evaluate({ kneeToWallCm: { left, right } }) {
    if (left === null || right === null || Math.abs(left - right) < GAP_CM) return [];
    return [
      {
        rule: this.id,
        reason: reason('reach-differs', { leftCm: left, rightCm: right, gapCm: GAP_CM }, this.basis),
        effects: [{ kind: 'side', side: left < right ? 'left' : 'right' }, drill('ankle-rock')],
      },
    ];
  },
};
