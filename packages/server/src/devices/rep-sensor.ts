import { sensorQuery } from '@drubo/contracts';
import type { SensorEventDto } from '@drubo/contracts';
import { senseSet } from '@drubo/core/simulation';
import type { Random, SensorEvent } from '@drubo/core/simulation';
import type { RequestHandler } from 'express';
import { callerOf } from '../auth/sign-ins';
import type { Context } from '../context';
import { AppError } from '../shared/errors';
import { cookieJar } from '../http/cookie';
import { fieldsOf } from '../shared/fields-of';

/** Streams open at once on one device. House default. */
const MOST_STREAMS = 4;
/** Reps somebody usually has left when the load is put down. House default of the stand-in. */
const USUAL_RESERVE = 2;
/** How long contact stays away, and how long after the last rep the load is put down, s. */
const SECONDS = { away: 2.5, putDown: 1 } as const;

/** Chance from a seed. Method: mulberry32, public domain, from memory. */
const seeded = (seed: number): Random => {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 2 ** 32;
  };
};

/** Seconds that pass before an event: a rep is told when it is over. */
const secondsBefore = (event: SensorEvent): number => {
  if (event.kind !== 'rep') return SECONDS.away / 2;
  const { loweringSeconds, bottomSeconds, liftingSeconds, topSeconds } = event.rep;
  return loweringSeconds + bottomSeconds + liftingSeconds + topSeconds;
};

/**
 * The rep sensor's stand-in: one set of a simulated person as server-sent events, in the time it would take. What a
 * real sensor has to send stands in docs/devices.md.
 */
export const repSensor = (context: Context): RequestHandler => {
  const open = new Map<string, number>();
  return async (request, response) => {
    const { token } = cookieJar(request, response);
    const caller = await callerOf(context, token);
    if (!caller) throw new AppError('not-signed-in', 'Sign in first.');
    const streams = open.get(caller.signInId) ?? 0;
    if (streams >= MOST_STREAMS)
      throw new AppError('too-many-attempts', 'Too many sensors are open on this device. Close one first.');
    const parsed = sensorQuery.safeParse(request.query);
    if (!parsed.success) {
      throw new AppError('invalid-input', 'Some of this cannot be used.', fieldsOf(parsed.error, 'query'));
    }
    const { tempo, reps, reserve = USUAL_RESERVE, pace = 1, seed = Math.floor(Math.random() * 2 ** 31) } = parsed.data;
    const [lowering, bottom, lifting, top] = tempo;
    const events = senseSet(seeded(seed), { tempo: { lowering, bottom, lifting, top }, reps, toFailure: reps + reserve });
    response.writeHead(200, {
      'content-type': 'text/event-stream',
      'cache-control': 'no-store',
      'x-accel-buffering': 'no',
    });
    response.flushHeaders();
    open.set(caller.signInId, streams + 1);
    const send = (event: SensorEventDto): void => void response.write(`data: ${JSON.stringify(event)}\n\n`);
    let timer: NodeJS.Timeout;
    const next = (at: number): void => {
      const event = events[at];
      const seconds = event ? secondsBefore(event) : SECONDS.putDown;
      timer = setTimeout(
        () => {
          callerOf(context, token).then(
            (still) => {
              // Signed out meanwhile: what is left of the set is nobody's.
              if (still) send(event ?? { kind: 'end' });
              if (still && event) next(at + 1);
              else response.end();
            },
            () => response.destroy(),
          );
        },
        (seconds * 1000) / pace,
      );
    };
    response.on('close', () => {
      clearTimeout(timer);
      const left = (open.get(caller.signInId) ?? 1) - 1;
      if (left > 0) open.set(caller.signInId, left);
      else open.delete(caller.signInId);
    });
    next(0);
  };
};
