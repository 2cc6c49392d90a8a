import { z } from 'zod';
import {
  BAND_STRENGTHS,
  CHANGE_LEVERS,
  KIT_ITEMS,
  KIT_PLACES,
  LEVERS,
  LOAD_POSITIONS,
  MASS_UNITS,
  PIECE_TYPES,
} from '@drubo/core/vocabulary';
import { kitId, personId, reason, requiredText, version } from './basics';

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
  seconds: z.int().min(5, 'must be at least 5 s').max(600, 'must be at most 600 s').optional(),
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

/** What a track remembers beside its dose: what was eased or lent, and what was tried. Loads are external kg. */
export const trackMemory = z.object({
  eased: z
    .object({
      because: z.enum(['pain', 'fault', 'limit']),
      day: z.int(),
      sets: z.int(),
      loadKg: z.number(),
      values: leverValues,
      steps: z.array(z.enum(['load', 'setting', 'sets'])).readonly(),
      good: z.int(),
    })
    .optional(),
  loan: z.object({ sets: z.int(), reserve: z.int(), because: z.literal('stall') }).optional(),
  stall: z.object({ answered: z.int(), wait: z.int() }).optional(),
  grip: z.object({ running: z.int(), changed: z.boolean() }).optional(),
  movedOn: z.int().optional(),
});

/** The one thing a decision changes: a number of the dose, the movement itself, or one of its settings. */
export const change = z.union([
  z.object({ lever: z.enum(CHANGE_LEVERS), from: z.number(), to: z.number() }),
  z.object({ lever: z.literal('variation'), from: z.string(), to: z.string() }),
  z.object({ lever: z.enum(LEVERS), from: leverValue, to: leverValue }),
]);

export const kitPiece = z.strictObject({
  id: z.string().min(1).max(80),
  type: z.enum(PIECE_TYPES).exclude(['machine']),
  value: z.number().positive('must be more than 0').max(500, 'must be at most 500'),
  unit: z.enum(MASS_UNITS),
  owned: z.int('must be a whole number').min(0, 'must not be below 0').max(50, 'must be at most 50'),
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

/** A band as it was measured: its pull at two lengths, the shorter first. */
const bandSize = z.strictObject({
  strength: z.enum(BAND_STRENGTHS),
  points: z
    .array(z.strictObject({ lengthCm: z.number().min(5).max(400), pullKg: z.number().min(0).max(200) }))
    .length(2, 'must be two measured points')
    .readonly()
    .refine(([a, b]) => a && b && b.lengthCm > a.lengthCm, 'must be at two lengths, the shorter first')
    .refine(([a, b]) => a && b && b.pullKg > a.pullKg, 'must pull more where it is longer'),
});

export const kitGear = z.strictObject({
  id: z.string().min(1).max(80),
  item: z.enum(KIT_ITEMS),
  heightCm: z.number().positive().max(250).nullable(),
  band: bandSize.optional(),
  owned: z.int('must be a whole number').min(0, 'must not be below 0').max(50, 'must be at most 50'),
});

/** A place's kit as it is stored and sent. `items`: what else stands there. `personId`: whose home it is; null: everybody's. */
export const kitFields = {
  name: requiredText(80),
  place: z.enum(KIT_PLACES),
  pieces: z.array(kitPiece).max(200, 'at most 200 sizes'),
  machines: z.array(kitMachine).max(40, 'at most 40'),
  gear: z.array(kitGear).max(100, 'at most 100'),
  items: z.array(z.enum(KIT_ITEMS)).max(KIT_ITEMS.length),
  /** Safety bars, straps or pins that catch a bar. */
  hasSafeties: z.boolean(),
  hasCollars: z.boolean(),
  /** Discs of about 45 cm, so that a bar on the floor starts at the usual height. */
  hasFullDiscs: z.boolean(),
};
export const kit = z.object({ id: kitId, version, personId: personId.nullable(), ...kitFields });
export type KitDto = z.infer<typeof kit>;

const hasOneIdEach = (things: readonly { id: string }[]): boolean =>
  new Set(things.map((thing) => thing.id)).size === things.length;

/** A kit as a trainer saves it: each thing once. */
export const kitForm = z
  .strictObject({ personId: personId.nullable(), ...kitFields })
  .refine(({ pieces }) => hasOneIdEach(pieces), { path: ['pieces'], message: 'must name each size once' })
  .refine(({ machines }) => hasOneIdEach(machines), { path: ['machines'], message: 'must name each machine once' })
  .refine(({ gear }) => hasOneIdEach(gear), { path: ['gear'], message: 'must name each thing once' });
