import { z } from 'zod';
import { CHANGE_LEVERS, LOAD_POSITIONS, MASS_UNITS, PIECE_TYPES } from '@drubo/core/vocabulary';
import { id, reason } from './basics';

/** A weight as it is labelled, and how many of it are used. */
export const implementUse = z.strictObject({
  pieceId: z.string().min(1).max(80),
  type: z.enum(PIECE_TYPES),
  value: z.number().positive().max(500),
  unit: z.enum(MASS_UNITS),
  count: z.int().min(1).max(4),
});

export const load = z.strictObject({
  position: z.enum(LOAD_POSITIONS),
  implements: z.array(implementUse).max(8).readonly(),
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

export const change = z.object({ lever: z.enum(CHANGE_LEVERS), from: z.number(), to: z.number() });

export const kitPiece = z.strictObject({
  id: z.string().min(1).max(80),
  type: z.enum(PIECE_TYPES),
  value: z.number().positive().max(500),
  unit: z.enum(MASS_UNITS),
  owned: z.int().min(0).max(50),
});

export const kit = z.object({ id, name: z.string(), pieces: z.array(kitPiece) });
export type KitDto = z.infer<typeof kit>;
