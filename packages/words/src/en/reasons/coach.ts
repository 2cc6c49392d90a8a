import { AID_WORDS, WAY_WORDS } from '../remedy-words';
import { formatMass, formatRest } from '../format';
import { CUE_KIND_LABELS, FAULT_LABELS, POSITION_LABELS, SIDE_LABELS } from '../labels';
import { formatLeverValue, LEVER_WORDS } from '../lever-words';
import type { CoachReasons } from '@drubo/core/reason-codes/coach';
import { load, sentence, set } from './parts';
import type { WordingContext, WordsFor } from './types';
import { inSentence } from '../in-sentence';
import { counted } from '../counted';

const measure = ({ measure: kind, what, way }: CoachReasons['advice-measure'], { nameOf }: WordingContext): string => {
  switch (kind) {
    case 'lever':
      return `${inSentence(LEVER_WORDS[what as keyof typeof LEVER_WORDS].label)} ${WAY_WORDS[way as keyof typeof WAY_WORDS]}`;
    case 'load-position':
      return `load ${POSITION_LABELS[what as keyof typeof POSITION_LABELS]}`;
    case 'aid':
      return AID_WORDS[what as keyof typeof AID_WORDS];
    case 'variation':
      return nameOf(what);
  }
};

/** What to do after a set, in words. */
export const COACH_WORDS: WordsFor<CoachReasons> = {
  'advice-as-planned': () => 'Go on as planned.',
  'advice-next': (v, c) =>
    Math.abs(v.loadKg - v.fromKg) < 0.001
      ? `Next set ${v.reps} reps at the same load.`
      : `Next set ${v.reps} reps at ${load(v.loadKg, c.unit)}, ${v.loadKg > v.fromKg ? 'up' : 'down'} from ${load(v.fromKg, c.unit)}.`,
  'advice-cue': (v) => `${sentence(FAULT_LABELS[v.faultId])}. Say: “${v.cue}” (${CUE_KIND_LABELS[v.kind]}).`,
  'advice-other-cue': (v) => `${sentence(FAULT_LABELS[v.faultId])} again. Another cue: “${v.cue}” (${CUE_KIND_LABELS[v.kind]}).`,
  'advice-measure': (v, c) => `If it stays: ${measure(v, c)}.`,
  'advice-leave-today': (v) => `${sentence(FAULT_LABELS[v.faultId])} in ${counted(v.sets, 'set')}: leave it for today.`,
  'advice-easier-variation': (v, c) => `${c.nameOf(v.variationId)} trains the same, a stage lower.`,
  'advice-setting': (v) =>
    `The load was cut already today: ${inSentence(LEVER_WORDS[v.lever].label)} ${formatLeverValue(v.lever, v.to, v.unit)} instead.`,
  'advice-fewer-sets': (v) =>
    `${v.reps} reps in the first set, ${v.repsLow} asked for: ${counted(v.sets, 'set')} today, no more.`,
  'advice-own-load': (v) => `${sentence(SIDE_LABELS[v.side])} is about ${v.percent} % stronger: it may have a load of its own.`,
  'advice-dangerous': (v) => `${sentence(FAULT_LABELS[v.faultId])} is dangerous under load: end the set, change it now.`,
  'advice-lighter': (v, c) => `${load(v.toKg, c.unit)} instead of ${load(v.fromKg, c.unit)}.`,
  'advice-grip': (v) => `Grip ended ${set(v.setIndex)}, not the legs: chalk, one palm each way, or straps. Same load.`,
  'advice-short-lighter': (v, c) => `${v.reps} reps, ${v.repsLow} asked for. Next set at ${load(v.toKg, c.unit)}.`,
  'advice-short-rest': (v) =>
    `${v.reps} reps, ${v.repsLow} asked for, and nothing lighter: rest ${formatRest(v.restSeconds)} first.`,
  'advice-short-leave': (v) =>
    v.sets === 1
      ? 'Not one rep with the lightest there is: leave it for today.'
      : `${counted(v.sets, 'set')} under ${v.repsLow}: leave it for today.`,
  'advice-feeler-not-yet': (v) =>
    `${v.reps === 0 ? 'Not one rep' : v.reps === 1 ? 'One rep' : `${v.reps} reps`} with the lightest there is: this is not there yet. Swap it for an easier one, or leave it for today.`,
  'advice-match-side': (v) => `${sentence(SIDE_LABELS[v.side])} next: match ${v.reps} reps, no more.`,
  'advice-weaker-first': (v) => `${sentence(SIDE_LABELS[v.side])} first: about ${v.percent} % weaker.`,
  'advice-feeler': (v, c) =>
    `Feeler ${v.index} of ${v.of}: ${v.reps} reps at ${load(v.loadKg, c.unit)}. Ask how many were left, 0 to 10.`,
  'advice-feelers-done': (v, c) =>
    `${counted(v.sets, 'feeler')} done: one-rep maximum near ${formatMass(v.oneRepMaxKg, c.unit)}. Work sets follow from it.`,
  'time-fits': (v) => `${v.minutesNeeded} min left to do, ${v.minutesLeft} min left: it fits.`,
  'time-pair': (v, c) =>
    `${c.nameOf(v.variationId)} in turn with ${c.nameOf(v.withVariationId)} saves ${v.minutesSaved} min of rest.`,
  'time-trim': (v, c) => `${c.nameOf(v.variationId)} down to ${counted(v.sets, 'set')} saves ${v.minutesSaved} min.`,
  'time-drop': (v, c) => `Without ${c.nameOf(v.variationId)}: ${v.minutesSaved} min saved.`,
};
