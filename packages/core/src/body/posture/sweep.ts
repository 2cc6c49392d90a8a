import type { LeverValues } from '../../vocabulary';
import { fitBand } from '../bands/fit';
import type { BandPoint } from '../bands/fit';
import type { FigureSource } from '../figure/makers/types';
import { askModel } from './model';
import type { ModelResult } from './model';
import type { PostureBody } from './types';

/** Resistance at one depth: what load and band pull there, and what knee and hip make of it. */
export interface SweepStep {
  depth: number;
  loadKg: number;
  bandKg: number;
  /** Knee and hip of the working leg with the load alone, and with load and band; null where it can't be held. */
  demandNm: number | null;
  demandWithBandNm: number | null;
  pose: ModelResult;
}

/** What a sweep runs over. */
export interface SweepQuestion {
  body: PostureBody;
  source: FigureSource;
  loadKg: number;
  values: LeverValues;
  /** A band that is stood on and held with the load; none where fewer than two points are given. */
  band: readonly BandPoint[];
  /** Number of depths from shallow to deep. */
  steps: number;
}

const demandOf = (result: ModelResult | null): number | null => (result?.status === 'feasible' ? result.demandNm : null);

/**
 * A movement at every depth: its pose, and the resistance along the range for load, band and both. A band adds most at
 * the top, where it is longest, and nothing where it hangs slack. Empty for a movement the model doesn't know.
 * @example sweep({ body, source: backSquat.figure, loadKg: 60, values: {}, band: [], steps: 30 })
 */
export const sweep = ({ body, source, loadKg, values, band, steps }: SweepQuestion): SweepStep[] => {
  const fit = fitBand(band);
  const out: SweepStep[] = [];
  for (let i = 0; i < steps; i += 1) {
    const depth = steps === 1 ? 1 : i / (steps - 1);
    const pose = askModel(body, source, { depth, loadKg, values });
    if (!pose) return [];
    const bandKg = fit.status === 'fitted' && pose.status === 'feasible' ? fit.curve(pose.loadHeightM * 100).pullKg : 0;
    const both = bandKg > 0 ? askModel(body, source, { depth, loadKg: loadKg + bandKg, values }) : pose;
    out.push({ depth, loadKg, bandKg, demandNm: demandOf(pose), demandWithBandNm: demandOf(both), pose });
  }
  return out;
};
