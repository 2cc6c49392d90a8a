import type { AidId } from '@drubo/core/knowledge';

/** Aids as they stand in a sentence. */
export const AID_WORDS: Record<AidId, string> = {
  wedge: 'a wedge under the heels',
  'band-above-knees': 'a band above the knees',
  'band-to-push-on': 'a band to push on',
  pillow: 'a pillow under the head',
  straps: 'straps',
  chalk: 'chalk',
  'wall-near': 'a wall near by',
  lighter: 'lighter',
  'cue-tuck': 'the “tail under first” cues',
};

/** Ways a setting moves. */
export const WAY_WORDS = {
  easier: 'one notch easier',
  longer: 'longer',
  shorter: 'shorter',
  nearer: 'nearer',
  wider: 'wider',
  slower: 'one notch slower',
} as const;
