import { z } from 'zod';
import { CHANGE_LEVERS, KIT_ITEMS, LEVERS, LOAD_POSITIONS, MASS_UNITS, PIECE_TYPES } from '@drubo/core/vocabulary';
import { id, reason } from './basics';

/** A weight as it is labelled, and how many of it are used. */
export const implementUse = z.strictObject({
  pieceId: z.string().min(1).max(80),
  type: z.enum(PIECE_TYPES),
  value: z.number().positive().max(500),
  unit: z.enum(MASS_UNITS),
  count: z.int().min(1).max(24),
});

export const load = z.strictObject({
  position: z.enum(LOAD_POSITIONS),
  implements: z.array(implementUse).max(12).readonly(),
  externalKg: z.number().min(0).max(1000),
});

const tempoPart = z.union([z.int().min(0).max(20), z.literal('x')]);

/** Seconds of lowering, bottom, lifting, top; `x` is fast and counts one. */
const tempo = z.strictObject({ lowering: tempoPart, bottom: tempoPart, lifting: tempoPart, top: tempoPart });

const doseShape = z.strictObject({
  sets: z.int().min(1).max(12),
  repsLow: z.int().min(1).max(100),
  repsHigh: z.int().min(1).max(100),
  repsBeyond: z.int().min(0).max(5),
  repsAim: z.int().min(1).max(100).optional(),
  load,
  tempo,
  restSeconds: z.int().min(0).max(900),
  reserve: z.int().min(0).max(10),
});

/** What is prescribed for one exercise. */
export const dose = doseShape.refine((value) => value.repsLow <= value.repsHigh, {
  path: ['repsHigh'],
  message: 'must not be below repsLow',
});

export const doseWhy = z.object({
  sets: z.array(reason).readonly(),
  reps: z.array(reason).readonly(),
  load: z.array(reason).readonly(),
  tempo: z.array(reason).readonly(),
  rest: z.array(reason).readonly(),
  reserve: z.array(reason).readonly(),
});

const leverValue = z.union([z.number(), z.string().max(40), z.null()]);

/** Settings moved away from where a movement usually has them. */
export const leverValues = z.partialRecord(z.enum(LEVERS), leverValue);

/** The one thing a decision changes: a number of the dose, the movement itself, or one of its settings. */
export const change = z.union([
  z.object({ lever: z.enum(CHANGE_LEVERS), from: z.number(), to: z.number() }),
  z.object({ lever: z.literal('variation'), from: z.string(), to: z.string() }),
  z.object({ lever: z.enum(LEVERS), from: leverValue, to: leverValue }),
]);

export const kitPiece = z.strictObject({
  id: z.string().min(1).max(80),
  type: z.enum(PIECE_TYPES).exclude(['machine']),
  value: z.number().positive().max(500),
  unit: z.enum(MASS_UNITS),
  owned: z.int().min(0).max(50),
});

export const kitMachine = z.strictObject({
  id: z.string().min(1).max(80),
  item: z.enum(KIT_ITEMS),
  name: z.string().max(80),
  steps: z
    .array(z.strictObject({ label: z.string().max(20), kg: z.number().min(0).max(500) }))
    .max(60)
    .readonly(),
  startKg: z.number().min(0).max(300),
  assists: z.boolean(),
});

export const kitGear = z.strictObject({
  id: z.string().min(1).max(80),
  item: z.enum(KIT_ITEMS),
  heightCm: z.number().positive().max(250).nullable(),
  owned: z.int().min(0).max(50),
});

/** A studio's kit as it is stored and sent. */
export const kitFields = { pieces: z.array(kitPiece), machines: z.array(kitMachine), gear: z.array(kitGear) };
export const kit = z.object({ id, name: z.string(), ...kitFields });
export type KitDto = z.infer<typeof kit>;
