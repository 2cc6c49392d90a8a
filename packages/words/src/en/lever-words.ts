import type { LeverId, LeverValue, LoadPosition } from '@drubo/core/vocabulary';
import { formatNumber } from '../formats';
import { POSITION_LABELS } from './labels';

/** What a lever is called on screen, and what moving it does. */
export const LEVER_WORDS: Record<LeverId, { label: string; why: string; none?: string }> = {
  support: { label: 'Support', why: 'Something to hold takes balance and a little weight away.' },
  range: { label: 'Range', why: 'Less range leaves out the hardest part.' },
  'box-height': { label: 'Box height', why: 'A higher box leaves out the lowest, hardest part.', none: 'no box' },
  'pad-height': { label: 'Pad under the knee', why: 'A thicker pad makes the way down shorter.', none: 'floor' },
  'bar-height': { label: 'Bar height', why: 'The higher the bar, the less the back has to hold.' },
  deficit: { label: 'Standing on', why: 'Standing higher makes the way longer.', none: 'floor' },
  'step-height': { label: 'Step height', why: 'A higher step is harder: fewer reps.', none: 'floor' },
  'heel-lift': { label: 'Heel lift', why: 'Raised heels let the shin tip forward with less ankle bend.', none: 'flat' },
  counterweight: { label: 'Counterweight', why: 'Held out in front it balances the hips going back.', none: 'none' },
  'stance-width': { label: 'Stance', why: 'Wider brings in the inner thigh; no easier or harder.' },
  'toes-out': { label: 'Toes out', why: 'As the hips allow; knees go over the toes.' },
  stride: { label: 'Stride', why: 'Long for glutes, short for the front of the thigh.' },
  'foot-distance': { label: 'Feet from upright shins', why: 'Far for hamstrings, near for glutes.' },
  'rear-elevation': { label: 'Back foot height', why: 'Lower is easier; knee height at most.' },
  'feet-elevation': { label: 'Feet up on', why: 'Higher feet: more range, more hamstrings.', none: 'floor' },
  'front-elevation': { label: 'Front foot up on', why: 'A higher front foot makes the way down longer.' },
  arms: { label: 'Arms', why: 'The less the arms help, the harder it is.' },
  'load-position': { label: 'Held', why: 'The higher the weight, the harder on the trunk; at one side it pulls you over.' },
  band: { label: 'Band', why: 'A stronger band asks more where it is longest.' },
  surface: { label: 'Under the foot', why: 'A slider takes the grip of the floor away.' },
  tempo: { label: 'Tempo', why: 'Slower, with pauses, the same load is harder.' },
  'top-hold': { label: 'Hold on top', why: 'The first thing to add when it is too easy.', none: 'none' },
  'plank-base': { label: 'On', why: 'Knees make the plank shorter.' },
  'plank-feet': { label: 'Feet', why: 'The wider they stand, the steadier it is.' },
  'on-the-fist': { label: 'On the fist', why: 'What is balanced there falls where the arm isn’t plumb.', none: 'nothing' },
  'knee-travel': { label: 'Knees', why: 'Held at the toes: more hip, less knee, more lean.' },
  'front-hold': { label: 'Hands on the bar', why: 'Sore wrists or shoulders: crossed or straps.' },
  'bar-place': { label: 'Bar place', why: 'Lower on the back: more lean, more hip.' },
  'box-style': { label: 'At the box', why: 'Brush it and stay tight, or sit braced and stand.' },
  grip: { label: 'Grip', why: 'When the bar outgrows the hands.' },
};

const VALUE_WORDS: Record<string, string> = {
  'two-hands': 'two hands',
  'one-hand': 'one hand',
  'behind-head': 'behind the head',
  'slow-lowering': 'slow lowering',
  'three-each': '3 s each way',
  'palms-back': 'palms back',
  'one-each-way': 'one each way',
  reaching: 'reaching up',
  pressed: 'pressed down',
  balanced: 'a block or a shoe',
  limited: 'held at the toes',
  free: 'free',
  hip: 'hip-wide',
  shoulder: 'shoulder-wide',
};

const UNITS = { cm: 'cm', mm: 'mm', kg: 'kg', s: 's', deg: '°' } as const;

/** What a band pulls at its measured lengths: '4 kg at 60 cm, 12 kg at 100 cm'. */
export const formatBandPull = (points: readonly { lengthCm: number; pullKg: number }[]): string =>
  points.map(({ lengthCm, pullKg }) => `${formatNumber(pullKg, 1)} kg at ${formatNumber(lengthCm, 0)} cm`).join(', ');

/**
 * A notch in words, with its unit: '25 mm', 'two hands', 'no box'.
 * @example formatLeverValue('heel-lift', 25, 'mm') // '25 mm'
 */
export const formatLeverValue = (lever: LeverId, value: LeverValue, unit: keyof typeof UNITS | null): string => {
  if (value === null) return LEVER_WORDS[lever].none ?? 'none';
  if (lever === 'load-position') return POSITION_LABELS[value as LoadPosition].replace(/^held /, '');
  if (typeof value === 'string') return VALUE_WORDS[value] ?? value;
  const text = lever === 'foot-distance' && value > 0 ? `+${formatNumber(value)}` : formatNumber(value);
  return unit === 'deg' ? `${text}°` : unit ? `${text} ${UNITS[unit]}` : text;
};
