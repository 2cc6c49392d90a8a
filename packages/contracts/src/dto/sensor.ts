import { z } from 'zod';

/** Where the stand-in's stream of reps is read from: server-sent events, one JSON message each. */
export const REP_SENSOR_PATH = '/api/devices/rep-sensor/reps';

/** A phase as it is written: seconds, or x for fast. */
const part = z
  .string()
  .regex(/^(x|\d{1,2}(\.\d+)?)$/, 'must be seconds, or x for fast')
  .transform((text): number | 'x' => (text === 'x' ? 'x' : Number(text)));

/** What a set under the stand-in is like. A real sensor needs none of it. */
export const sensorQuery = z.strictObject({
  /** Lowering, bottom, lifting, top; as in 3-1-x-0. */
  tempo: z
    .string()
    .transform((text) => text.split('-'))
    .pipe(z.tuple([part, part, part, part], 'must be four numbers, as in 3-1-1-0')),
  reps: z.coerce.number().int().min(1, 'must be at least 1').max(100, 'must be at most 100'),
  /** Reps there would be left at the end. */
  reserve: z.coerce.number().int().min(0).max(20).optional(),
  /** How much faster than real it runs. */
  pace: z.coerce.number().min(1).max(100).optional(),
  /** The same seed gives the same reps. */
  seed: z.coerce.number().int().optional(),
});

/** One repetition as sent. Numbers alone are checked here; whether they can be true is `doubtsOfRep`'s to say. */
const sensedRep = z.object({
  index: z.number(),
  loweringSeconds: z.number(),
  bottomSeconds: z.number(),
  liftingSeconds: z.number(),
  topSeconds: z.number(),
  meanSpeedMps: z.number(),
});

/** `lost` and `back`: contact went and came. `end`: the sensor saw the load being put down. */
export const sensorEvent = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('rep'), rep: sensedRep }),
  z.object({ kind: z.literal('lost') }),
  z.object({ kind: z.literal('back') }),
  z.object({ kind: z.literal('end') }),
]);
export type SensorEventDto = z.infer<typeof sensorEvent>;
