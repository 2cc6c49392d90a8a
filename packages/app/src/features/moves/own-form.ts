import { zodResolver } from '@hookform/resolvers/zod';
import { z } from 'zod';
import { movementFields } from '@drubo/contracts';
import type { MovementDto } from '@drubo/contracts';
import type { Variation } from '@drubo/core/catalogue';
import type { FaultId, Family, LeverId, LoadPosition } from '@drubo/core/vocabulary';
import { readNumber } from '../../ui/measure';
import { movesWords } from '@drubo/words/screens/moves';

const words = movesWords.ownForm;

/** The form as typed: one cue a line, other names between commas. */
export interface OwnForm {
  name: string;
  aliases: string;
  family: Family | null;
  cues: string;
  cautions: string;
  faults: FaultId[];
  repsLow: string;
  repsHigh: string;
  loadPositions: LoadPosition[];
  levers: LeverId[];
  prerequisites: string[];
}

/** What the server is sent, but for the movement it is based on. */
export type OwnFields = Pick<
  MovementDto,
  'name' | 'aliases' | 'family' | 'cues' | 'cautions' | 'faults' | 'repRange' | 'loadPositions' | 'levers' | 'prerequisites'
>;

const parts = (text: string, by: string | RegExp): string[] =>
  text
    .split(by)
    .map((part) => part.trim())
    .filter(Boolean);

/** A list typed as text, checked by the contract's own rule; the first thing wrong is said in the field's words. */
const list = (schema: z.ZodType<string[], string[]>, by: string | RegExp) =>
  z.string().transform((text, context) => {
    const parsed = schema.safeParse(parts(text, by));
    if (parsed.success) return parsed.data;
    context.addIssue({ code: 'custom', message: parsed.error.issues[0]?.message ?? words.isNotRight });
    return z.NEVER;
  });

const reps = z.string().transform((text, context) => {
  const value = readNumber(text);
  if (value === null || (value !== undefined && Number.isInteger(value))) return value;
  context.addIssue({ code: 'custom', message: words.mustBeAWhole });
  return z.NEVER;
});

const ownFormSchema = z
  .object({
    name: movementFields.name,
    aliases: list(movementFields.aliases, ','),
    family: movementFields.family.nullable().refine((family) => family !== null, words.mustBeChosen),
    cues: list(movementFields.cues, '\n'),
    cautions: list(movementFields.cautions, '\n'),
    faults: movementFields.faults.unwrap(),
    repsLow: reps,
    repsHigh: reps,
    loadPositions: movementFields.loadPositions,
    levers: movementFields.levers,
    prerequisites: movementFields.prerequisites,
  })
  .transform(({ repsLow, repsHigh, family, ...rest }, context): OwnFields => {
    const issue = (path: string, message: string) => context.addIssue({ code: 'custom', path: [path], message });
    if (!family) return z.NEVER;
    if (repsLow === null && repsHigh === null) return { ...rest, family, repRange: null };
    if (repsLow === null || repsHigh === null) {
      issue(repsLow === null ? 'repsLow' : 'repsHigh', words.isMissingBothEnds);
      return z.NEVER;
    }
    const parsed = movementFields.repRange.safeParse({ low: repsLow, high: repsHigh });
    if (!parsed.success) {
      issue('repsHigh', parsed.error.issues[0]?.message ?? words.isNotRight);
      return z.NEVER;
    }
    return { ...rest, family, repRange: parsed.data };
  });

export const ownResolver = zodResolver(ownFormSchema);

/** A movement as the form shows it; a copy of what it is based on for a new one. */
export const ownFormOf = (from: Variation, isNew: boolean): OwnForm => ({
  name: isNew ? '' : from.name,
  aliases: isNew ? '' : from.aliases.join(', '),
  family: from.family,
  cues: from.cues.join('\n'),
  cautions: from.cautions.join('\n'),
  faults: [...from.faults],
  repsLow: from.repRange ? String(from.repRange.low) : '',
  repsHigh: from.repRange ? String(from.repRange.high) : '',
  loadPositions: [...from.loadPositions],
  levers: from.levers.map(({ lever }) => lever).filter((lever) => lever !== 'load-position'),
  prerequisites: [...from.prerequisites],
});
