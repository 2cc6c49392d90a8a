import { oneNotch } from '../catalogue/knowledge';
import { settingsKept } from './settings-kept';
import { tempoAfter } from '../dose';
import { hasBand, servedBy } from '../kit';
import type { Load } from '../kit';
import { reason } from '../vocabulary';
import type { KitItem, LeverId, LeverValue, LeverValues } from '../vocabulary';
import { aimAt } from './aim';
import type { ExerciseLog, JudgeContext, Outcome } from './types';

/** Which settings are moved first when the load can't be: the smallest change of the movement first. Common practice. */
const PRIORITY: readonly LeverId[] = [
  'top-hold',
  'tempo',
  'box-height',
  'pad-height',
  'range',
  'step-height',
  'rear-elevation',
  'feet-elevation',
  'front-elevation',
  'deficit',
  'support',
  'arms',
  'band',
];

/** What a notch needs in the room. */
const NEEDS: Partial<Record<LeverId, KitItem>> = { band: 'band' };

/** Whether the room has what a notch asks for; a room nobody knows of has everything. */
const isThere = (id: LeverId, to: LeverValue, { room, kit }: Pick<JudgeContext, 'room' | 'kit'>): boolean => {
  const item = NEEDS[id];
  if (id === 'band' && typeof to === 'string' && to !== 'none' && !hasBand(kit, to)) return false;
  return item === undefined || to === 'none' || to === null || room === null || servedBy(item, room) !== undefined;
};

/**
 * One notch on the first setting that has one that way, everything else as it was; null when there is none.
 * @param only this setting and no other, whether or not it is one of those usually moved
 */
export const lever = (
  log: Pick<ExerciseLog, 'context' | 'variation' | 'values' | 'dose' | 'loads' | 'past'> & Partial<ExerciseLog>,
  load: Load,
  way: 'easier' | 'harder',
  only?: LeverId,
): Outcome | null => {
  const { context, variation, values, dose } = log;
  const kept = settingsKept(variation, context);
  const notches = oneNotch(context.catalogue, variation, values, way)
    .filter((notch) => notch.kind === 'lever')
    // What a limit asks for is never made harder again.
    .filter((notch) => way === 'easier' || kept[notch.lever] === undefined)
    .filter((notch) => isThere(notch.lever, notch.to, context));
  const [first] = notches
    .filter((notch) => (only === undefined ? PRIORITY.includes(notch.lever) : notch.lever === only))
    .sort((a, b) => PRIORITY.indexOf(a.lever) - PRIORITY.indexOf(b.lever));
  if (!first) return null;
  const { lever: id, from, to, unit } = first;
  const moved: LeverValues = { ...values, [id]: to };
  const changed = { ...dose, load, tempo: tempoAfter(variation, dose.tempo, id, to), repsBeyond: 0 };
  return {
    verdict: way === 'harder' ? 'move-up' : 'ease-back',
    change: { lever: id, from, to },
    dose: way === 'harder' ? { ...changed, repsAim: aimAt(log, changed) } : changed,
    values: moved,
    reasons: [reason('lever-notch', { lever: id, from, to, unit }, 'common-practice')],
  };
};
