/** Things seen going wrong. Each variation lists the ones to watch for. Ids are stored and never renamed. */
export const FAULTS = [
  'heels-lift',
  'chest-falls',
  'knees-cave',
  'weight-rolls',
  'low-back-rounds',
  'low-back-over-arches',
  'back-moves-into-rounding',
  'hips-shoot-up',
  'bell-drifts-forward',
  'leans-back-at-lock-out',
  'bounces-at-the-bottom',
  'hips-shift',
  'range-short',
  'front-heel-lifts',
  'breath-held',
  'falls-backward',
  'hinge-turns-into-a-squat',
  'hips-twist',
  'hip-drops',
  'lands-instead-of-lowers',
  'wobble',
  'pushes-from-the-back-leg',
  'trunk-tips',
  'collapses-on-the-box',
  'no-full-hip-extension',
  'felt-in-low-back',
  'head-tips-back',
  'arms-lift-the-bell',
  'elbows-drop',
  'grip-goes-first',
  'tempo-lost',
  'low-back-takes-over',
  'upper-back-rounds',
  'slack-left-in',
  'elbows-flare-back',
] as const;
export type FaultId = (typeof FAULTS)[number];

/**
 * What a cue works by: a part of the body to feel, a picture, a thing to aim at or touch, something to look at, the breath, the trainer's
 * hand where it was allowed. Words about the room stick better than words about the body, for most.
 */
export const CUE_KINDS = ['feel', 'picture', 'aim', 'look', 'breath', 'hand'] as const;
export type CueKind = (typeof CUE_KINDS)[number];
