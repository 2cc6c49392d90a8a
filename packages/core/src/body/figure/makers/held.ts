import type { LeverValues, LoadPosition } from '../../../vocabulary';
import type { CarryId } from '../../posture/types';
import type { FigureImplement } from '../types';
import type { BridgeSource, FigureSource, HoldId, SplitSource, StepSource } from './types';

interface Held {
  hold: HoldId;
  carry: CarryId;
  implement: FigureImplement;
}

/** What hands and weight do at a place that is a setting. */
const HELD: Partial<Record<LoadPosition, Held>> = {
  sides: { hold: 'hang', carry: 'sides', implement: { piece: 'dumbbell', at: 'hands', pair: true } },
  suitcase: { hold: 'hang', carry: 'sides', implement: { piece: 'dumbbell', at: 'hands' } },
  goblet: { hold: 'goblet', carry: 'goblet', implement: { piece: 'bell', at: 'hands' } },
  rack: { hold: 'rack', carry: 'front-bar', implement: { piece: 'bell', at: 'shoulders-front' } },
  'rack-one': { hold: 'rack', carry: 'front-bar', implement: { piece: 'bell', at: 'shoulders-front' } },
  'front-bar': { hold: 'front-bar', carry: 'front-bar', implement: { piece: 'bar', at: 'shoulders-front' } },
  'back-bar': { hold: 'back-bar', carry: 'high-back-bar', implement: { piece: 'bar', at: 'shoulders-back' } },
  overhead: { hold: 'overhead', carry: 'overhead', implement: { piece: 'dumbbell', at: 'hands' } },
};

const isStanding = ({ maker }: FigureSource): boolean => maker === 'split' || maker === 'step';

/** A movement's drawing with its weight where the setting has it; without the setting as it is. */
export const heldSource = (source: FigureSource, values: LeverValues): FigureSource => {
  const place = values['load-position'] as LoadPosition | undefined;
  if (place === undefined) return source;
  if (source.maker === 'bridge' && place === 'hips') {
    return {
      ...source,
      arms: 'on-hips',
      implement: source.implement ?? { piece: 'dumbbell', at: 'hips' },
    } satisfies BridgeSource;
  }
  const held = HELD[place];
  if (!held || !isStanding(source)) return source;
  // Hands that hold on to something keep doing so.
  return { ...(source as SplitSource | StepSource), ...held };
};
