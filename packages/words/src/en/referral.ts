import { formatDate } from '../formats';
import { PERSON_STATE_LABELS } from './health-labels';
import type { PersonState } from '@drubo/core/vocabulary';
import { inSentence } from './in-sentence';

/** What a referral note says of a person. Lines are sentences already; nothing in it is a diagnosis. */
export interface Referral {
  studioName: string;
  trainerName: string;
  personName: string;
  today: string;
  state: PersonState;
  /** What holds them back, as the trainer recorded it. */
  reasons: readonly string[];
  /** What was seen when they moved. */
  seen: readonly string[];
  /** What they were training, in plain words. */
  training: readonly string[];
}

const list = (title: string, lines: readonly string[]): string[] =>
  lines.length === 0 ? [] : ['', title, ...lines.map((line) => `- ${line}`)];

/**
 * A short note for a clinician: what was recorded and seen, and what the trainer needs to know back. Plain text, to be
 * printed or sent.
 */
export const referralNote = (given: Referral): string =>
  [
    `${given.studioName}, ${formatDate(given.today)}`,
    '',
    `About: ${given.personName}`,
    '',
    `I train ${given.personName} with loads for the lower body. Until I hear from you: ${inSentence(PERSON_STATE_LABELS[given.state])}.`,
    ...list('On record:', given.reasons),
    ...list('Seen when they moved (an observation, not a diagnosis):', given.seen),
    ...list('What they would train:', given.training),
    '',
    'Please tell me what they may do:',
    '- which movements (squat, lunge, hinge, bridge, jumps)',
    '- how far (full range, middle of the range, holds only)',
    '- how heavy, and on which side',
    '- up to which known pain (0 to 10), and until when',
    '',
    `${given.trainerName}, trainer. I don’t diagnose and don’t treat.`,
  ].join('\n');
