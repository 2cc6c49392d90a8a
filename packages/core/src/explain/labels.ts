import type { BasisId, Family, FaultId, Goal, LoadPosition, SetEnding, Side, TrainingAge, Verdict } from '../vocabulary';

/** Words for ids, as they stand on screen. */
export const GOAL_LABELS: Record<Goal, string> = {
  'build-muscle': 'Build muscle',
  'get-stronger': 'Get stronger',
  'move-well': 'Move well',
  'fat-loss-and-capacity': 'Fat loss and capacity',
  power: 'Power',
};

export const TRAINING_AGE_LABELS: Record<TrainingAge, string> = {
  novice: 'New to it',
  intermediate: 'Some years',
  advanced: 'Many years',
};

export const FAMILY_LABELS: Record<Family, string> = { squat: 'Squat', lunge: 'Lunge', hinge: 'Hinge', bridge: 'Bridge' };

export const POSITION_LABELS: Record<LoadPosition, string> = {
  none: 'nothing held',
  goblet: 'held at the chest',
  sides: 'held at the sides',
  hips: 'across the hips',
};

export const VERDICT_LABELS: Record<Verdict, string> = {
  'move-up': 'Move up',
  'same-again': 'Same again',
  'ease-back': 'Ease back',
  'leave-out': 'Leave out',
};

export const SIDE_LABELS: Record<Side, string> = { left: 'left leg', right: 'right leg', both: 'both legs' };

export const ENDING_LABELS: Record<SetEnding, string> = {
  planned: 'As planned',
  choice: 'Chose to stop',
  form: 'Form went',
  grip: 'Grip gave out',
  pain: 'Pain',
  failure: 'Could not lift it',
  interrupted: 'Interrupted',
};

export const FAULT_LABELS: Record<FaultId, string> = {
  'heels-lift': 'heels lift',
  'chest-falls': 'chest falls',
  'knees-cave': 'knees cave',
  'low-back-rounds': 'low back rounds',
  'back-moves-into-rounding': 'back moves into rounding',
  'range-short': 'range short',
  'bounces-at-the-bottom': 'bounces',
  'bell-drifts-forward': 'weight drifts forward',
  'hinge-turns-into-a-squat': 'turns into a squat',
  'front-heel-lifts': 'front heel lifts',
  wobble: 'wobble',
  'pushes-from-the-back-leg': 'pushes off back leg',
  'no-full-hip-extension': 'hips not all the way',
  'felt-in-low-back': 'felt in low back',
  'head-tips-back': 'head tips back',
  'tempo-lost': 'tempo lost',
};

export const BASIS_LABELS: Record<BasisId, string> = {
  'common-practice': 'Common practice, no published source',
  'house-default': 'Drubo house default',
  'acsm-2009': 'ACSM position stand 2009, progression models',
  'nsca-essentials-4': 'NSCA Essentials, 4th edition',
  'pain-monitoring-thomee': 'Pain-monitoring model, Thomeé 1997 and Silbernagel 2007',
  trainer: 'Your own edit',
};
