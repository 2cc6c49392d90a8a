import { asksReserve, formatTempo } from '@drubo/core/dose';
import type { Dose } from '@drubo/core/dose';
import { isPerSide, stretchOf } from '@drubo/core/vocabulary';
import type { BlockKind, DayRole, Intent, Role, SessionShape, SplitDay, Stance } from '@drubo/core/vocabulary';
import { formatLoad, formatReps, formatRest, formatSets } from './format';
import { DAY_ROLE_LABELS } from './plan-labels';
import { INTENT_LABELS, ROLE_HEADINGS, SHAPE_LABELS, SPLIT_LABELS, STRETCH_HEADINGS } from './sheet-labels';
import { inSentence } from './in-sentence';

/** What an exercise's line needs of it. */
interface Line {
  variationId: string;
  dose: Dose;
}

/** How the words find a movement's name and stance. */
export interface Movements {
  readonly nameOf: (id: string) => string;
  readonly stanceOf: (id: string) => Stance;
}

/** How the words find the name of a place; null stands for the usual one. */
export type PlaceName = (kitId: string | null) => string | undefined;

/** One thing that differs between two arrangements, as it is worded. */
export type Changed =
  | { kind: 'shape'; from: SessionShape; to: SessionShape }
  | { kind: 'day'; to: SplitDay }
  | { kind: 'intent'; from: Intent; to: Intent }
  | { kind: 'minutes'; from: number; to: number }
  | { kind: 'place'; toKitId: string | null }
  | { kind: 'out'; variationId: string }
  | { kind: 'in'; variationId: string; role: Role }
  | { kind: 'instead'; from: string; to: string }
  | { kind: 'dose'; variationId: string; fromItem: Line; toItem: Line }
  | { kind: 'settings'; variationId: string }
  | { kind: 'role'; variationId: string; from: Role; to: Role }
  | { kind: 'together'; variationIds: readonly string[] }
  | { kind: 'apart'; variationId: string }
  | { kind: 'order' };

/** The numbers of a dose that differ: '3 × 8–12 → 2 × 8–12, rest 1:30 → 1:00'. */
const doseChange = ({ dose: from }: Line, { dose: to }: Line, stance: Stance): string => {
  const pairs: [string, string][] = [
    [formatSets(from, stance), formatSets(to, stance)],
    [formatLoad(from.load), formatLoad(to.load)],
    ...(from.seconds === undefined && to.seconds === undefined
      ? [[formatTempo(from.tempo), formatTempo(to.tempo)] as [string, string]]
      : []),
    [`rest ${formatRest(from.restSeconds)}`, `rest ${formatRest(to.restSeconds)}`],
    ...(asksReserve(from) && asksReserve(to)
      ? [[`${from.reserve} in reserve`, `${to.reserve} in reserve`] as [string, string]]
      : []),
  ];
  const moved = pairs.filter(([a, b]) => a !== b).map(([a, b]) => `${a} → ${b}`);
  return moved.length > 0 ? moved.join(', ') : 'other reps to aim at';
};

/** A change in a line: 'Out: calf raise', 'Goblet squat: 3 × 8–12 → 2 × 8–12'. */
export const formatChange = (change: Changed, { nameOf, stanceOf }: Movements, placeOf: PlaceName = () => undefined): string => {
  const lower = (id: string) => inSentence(nameOf(id));
  switch (change.kind) {
    case 'shape':
      return `Shape: ${SHAPE_LABELS[change.from]} → ${SHAPE_LABELS[change.to]}`;
    case 'day':
      return SPLIT_LABELS[change.to];
    case 'intent':
      return `Today: ${INTENT_LABELS[change.from]} → ${INTENT_LABELS[change.to]}`;
    case 'place':
      return `Place: ${placeOf(change.toKitId) ?? (change.toKitId === null ? 'the usual one' : 'another one')}`;
    case 'minutes':
      return `Minutes: ${change.from} → ${change.to} min`;
    case 'out':
      return `Out: ${lower(change.variationId)}`;
    case 'in':
      return `In: ${lower(change.variationId)}, ${inSentence(ROLE_HEADINGS[change.role])}`;
    case 'instead':
      return `${nameOf(change.to)} instead of ${lower(change.from)}`;
    case 'dose':
      return `${nameOf(change.variationId)}: ${doseChange(change.fromItem, change.toItem, stanceOf(change.variationId))}`;
    case 'settings':
      return `${nameOf(change.variationId)}: other settings`;
    case 'role':
      return `${nameOf(change.variationId)}: from ${inSentence(ROLE_HEADINGS[change.from])} to ${inSentence(ROLE_HEADINGS[change.to])}`;
    case 'together':
      return `In turn: ${change.variationIds.map(lower).join(', ')}`;
    case 'apart':
      return `${nameOf(change.variationId)}: by itself`;
    case 'order':
      return 'Another order';
  }
};

/** What a stretch of exercises in turn is called: 'Pair · rest 1:15 after both', 'Circuit of 4 · rest 1:00 after a round'. */
export const formatTurns = (count: number, roundRestSeconds: number): string => {
  const rest = `rest ${formatRest(roundRestSeconds)}`;
  return count === 2 ? `Pair · ${rest} after both` : `Circuit of ${count} · ${rest} after a round`;
};

/** A sheet as it is written down. */
export interface WrittenSheet {
  personName: string;
  shape: SessionShape;
  minutes: number;
  /** What the day is of a plan of weeks; null: of none. */
  day: { role: DayRole; kind: 'loading' | 'lighter'; week: number; weeks: number } | null;
  blocks: readonly {
    role: Role;
    kind: BlockKind;
    roundRestSeconds: number;
    items: readonly (Line & { feelers: number; settings: string | null })[];
  }[];
  cautions: readonly string[];
}

/** '3 × 8–12 a side, 24 kg bell, 3-1-1-0, rest 1:30, 2 in reserve'. */
const doseText = (dose: Dose, stance: Stance, role: Role, isInTurn: boolean): string =>
  [
    `${dose.sets} × ${formatReps(dose)}${isPerSide(stance) ? ' a side' : ''}`,
    formatLoad(dose.load),
    ...(dose.seconds === undefined ? [formatTempo(dose.tempo)] : []),
    ...(isInTurn ? [] : [`rest ${formatRest(dose.restSeconds)}`]),
    ...(asksReserve(dose, role) ? [`${dose.reserve} in reserve`] : []),
  ].join(', ');

/** 'Hinge-led, heavy · week 2 of 5'. */
export const formatPlanDay = ({ role, kind, week, weeks }: NonNullable<WrittenSheet['day']>): string =>
  `${DAY_ROLE_LABELS[role]} · week ${week} of ${weeks}${kind === 'lighter' ? ', lighter' : ''}`;

const dayText = (day: WrittenSheet['day']): string[] => (day === null ? [] : [formatPlanDay(day)]);

/**
 * A sheet as text to copy or print: a heading a stretch, a line an exercise, numbered; what goes in turn is lettered.
 * @example sheetText(sheet, movements) // 'Marit Sole · 41 min\n\nMAIN\n1. Goblet squat: 3 × 8–12, 24 kg bell, …'
 */
export const sheetText = (sheet: WrittenSheet, { nameOf, stanceOf }: Movements): string => {
  let number = 0;
  let role: Role | null = null;
  const parts = sheet.blocks.flatMap((block) => {
    const heading = block.role === role ? [] : ['', STRETCH_HEADINGS[stretchOf(block.role, sheet.shape)].toUpperCase()];
    role = block.role;
    const isInTurn = block.kind === 'rounds' && block.items.length > 1;
    if (isInTurn) number += 1;
    const turns = isInTurn ? [`${number}. ${formatTurns(block.items.length, block.roundRestSeconds)}`] : [];
    const lines = block.items.map((item, at) => {
      if (!isInTurn) number += 1;
      const mark = isInTurn ? `   ${String.fromCharCode(97 + at)})` : `${number}.`;
      const settings = item.settings === null ? '' : ` (${item.settings})`;
      const feelers = item.feelers > 0 ? `; ${item.feelers} feeler sets first` : '';
      return `${mark} ${nameOf(item.variationId)}${settings}: ${doseText(item.dose, stanceOf(item.variationId), block.role, isInTurn)}${feelers}`;
    });
    return [...heading, ...turns, ...lines];
  });
  const cautions = sheet.cautions.length === 0 ? [] : ['', 'MIND', ...sheet.cautions.map((caution) => `- ${caution}`)];
  return [`${sheet.personName} · ${sheet.minutes} min`, ...dayText(sheet.day), ...parts, ...cautions].join('\n');
};
