import type { FaultId, ScreeningTaskId } from '../vocabulary';

/** One task of a screening: the movement its figure shows, and what may be seen. */
export interface ScreeningTask {
  id: ScreeningTaskId;
  /** The movement whose figure shows it; null for a measurement. */
  variationId: string;
  view: 'side' | 'front';
  /** Commonest first. */
  faults: readonly FaultId[];
}

const SPLIT: readonly FaultId[] = [
  'wobble',
  'knees-cave',
  'range-short',
  'pushes-from-the-back-leg',
  'front-heel-lifts',
  'trunk-tips',
];
const ONE_LEG: readonly FaultId[] = ['wobble', 'hip-drops', 'knees-cave'];

/** The tasks in the order of a first visit. Common practice, no source. */
export const TASKS: readonly ScreeningTask[] = [
  {
    id: 'squat-side',
    variationId: 'bodyweight-squat',
    view: 'side',
    faults: ['heels-lift', 'chest-falls', 'low-back-rounds', 'low-back-over-arches', 'range-short'],
  },
  { id: 'squat-front', variationId: 'bodyweight-squat', view: 'front', faults: ['knees-cave', 'hips-shift'] },
  {
    id: 'hinge',
    variationId: 'stick-hinge',
    view: 'side',
    faults: ['low-back-rounds', 'hinge-turns-into-a-squat', 'low-back-over-arches', 'falls-backward', 'range-short'],
  },
  { id: 'split-left', variationId: 'split-squat', view: 'side', faults: SPLIT },
  { id: 'split-right', variationId: 'split-squat', view: 'side', faults: SPLIT },
  {
    id: 'bridge',
    variationId: 'glute-bridge',
    view: 'side',
    faults: ['no-full-hip-extension', 'felt-in-low-back', 'hip-drops', 'head-tips-back'],
  },
  { id: 'one-leg-left', variationId: 'heel-tap-step-down', view: 'front', faults: ONE_LEG },
  { id: 'one-leg-right', variationId: 'heel-tap-step-down', view: 'front', faults: ONE_LEG },
  { id: 'knee-to-wall', variationId: 'ankle-rock', view: 'side', faults: [] },
];
