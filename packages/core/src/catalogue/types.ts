import type { FigureImplement, FigureSpec } from '../body';
import type { BasisId, Family, FaultId, LoadPosition, Stance, Tempo } from '../vocabulary';

/** A clean-rep range, both ends meant. */
export interface RepRange {
  low: number;
  high: number;
}

/** One exercise as a trainer names it. Pure data; its id is its file name. */
export interface Variation {
  id: string;
  name: string;
  aliases: readonly string[];
  family: Family;
  stance: Stance;
  /** Which end a rep begins at. Bridges begin at the bottom and lift first. */
  startsAt: 'top' | 'bottom';
  /** What the hard end is called, for the pacer and the tempo's wording. */
  holdsAt: { bottom: string; top: string };
  /** Where its load is carried, the usual place first. */
  loadPositions: readonly LoadPosition[];
  /** Whether it may be done with nothing in the hands. */
  unloadedAllowed: boolean;
  /** Share of body mass that moves with the load (house values from the segment table). */
  bodyMassShare: number;
  /** Whether a jump in load is judged on the total moved mass (legs are the limit) or the external load (arms are). */
  jumpOn: 'total' | 'external';
  /** First working load as a share of body mass, external, both hands together. */
  firstLoadShare: { novice: number; trained: number };
  /** Its own rep range where the trade gives one; it wins over the goal's, except for strength. */
  repRange: RepRange | null;
  /** Its own tempo where the trade gives one. */
  tempo: Tempo | null;
  setUpSeconds: number;
  cues: readonly string[];
  faults: readonly FaultId[];
  cautions: readonly string[];
  basis: BasisId;
  figure: FigureSpec & { implement: FigureImplement };
}
