import type { LiftHold, LiftSource } from '@drubo/core/vocabulary';
import { counted } from './counted';

/** How a lift is known, as it stands on screen and inside a sentence. */
export const LIFT_SOURCE_LABELS: Record<LiftSource, string> = { seen: 'I saw it', filmed: 'Filmed', told: 'Told' };
export const LIFT_SOURCE_WORDS: Record<LiftSource, string> = { seen: 'seen', filmed: 'seen on film', told: 'told' };

/** Why a known lift earns no stage. */
export const LIFT_HOLD_WORDS: Record<LiftHold, string> = {
  told: 'nobody here saw it',
  'not-clean': 'it was not clean',
  old: 'it is more than 8 weeks old',
  'injury-since': 'there was an injury since',
  'birth-since': 'there was a birth since',
  'operation-since': 'there was an operation since',
};

/** How long ago, in the unit people say it in. */
export const daysAgoWords = (days: number): string =>
  days <= 0
    ? 'today'
    : days === 1
      ? 'yesterday'
      : days < 14
        ? `${counted(days, 'day')} ago`
        : days < 90
          ? `${counted(Math.round(days / 7), 'week')} ago`
          : `${Math.round(days / 30.4)} months ago`;
