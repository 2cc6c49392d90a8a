import type { EndpointId } from '@drubo/contracts';
import type { Request, RequestHandler } from 'express';
import { RateLimiterMemory, RateLimiterRes } from 'rate-limiter-flexible';
import { AppError } from '../shared/errors';
import { cookieToken } from './cookie';

/** How much of something is let through, and how long whoever wants more has to rest. All house defaults. */
interface Limit {
  /** By what tries are counted; null: this one isn't counted. */
  by(request: Request): string | null;
  tries: number;
  withinSeconds: number;
  /** Whether what went well counts too. */
  countsGood: boolean;
}

const QUARTER_HOUR = 15 * 60;
/** Each rest is twice the one before it, up to this; forgotten after a day. */
const LONGEST_REST = 4 * 3_600;
const DAY = 24 * 3_600;
/** How many pairs of name and address are remembered as having come in. */
const MOST_KNOWN = 5_000;

/** IPv6 gives every home a whole network: all of it is one visitor. */
const addressOf = ({ ip = '' }: Request): string =>
  ip.includes(':') && !ip.includes('.') ? ip.split(':').slice(0, 4).join(':') : ip;

const nameOf = ({ body }: Request): string => {
  const given = body as unknown;
  const name = given !== null && typeof given === 'object' && 'loginName' in given ? given.loginName : '';
  return typeof name === 'string' ? name.trim().toLowerCase().slice(0, 120) : '';
};

/** Answers to what was refused as it stood, before anything was tried. */
const NO_TRY: ReadonlySet<number> = new Set([400, 413, 415]);

/** Who is signed in, as far as it is known before the cookie is looked up; else the address. */
const visitor = (request: Request): string => cookieToken(request) ?? addressOf(request);

const refused = (by: Limit['by'], tries: number): Limit => ({ by, tries, withinSeconds: QUARTER_HOUR, countsGood: false });

/**
 * Guards of the doors and of what is costly. `wellKnown`: names that came in from an address before; somebody who tries a
 * name from elsewhere locks its owner's own phone out of nothing.
 */
export const makeLimits = (): Partial<Record<EndpointId, RequestHandler>> => {
  const wellKnown = new Set<string>();
  const pair = (request: Request): string => `${addressOf(request)} ${nameOf(request)}`;
  const nameElsewhere = (request: Request): string | null => (wellKnown.has(pair(request)) ? null : nameOf(request));
  return {
    signIn: guard('sign-in', [refused(pair, 10), refused(nameElsewhere, 30), refused(addressOf, 40)], (request) => {
      if (wellKnown.size >= MOST_KNOWN) wellKnown.clear();
      wellKnown.add(pair(request));
    }),
    join: guard('join', [refused(addressOf, 40)]),
    createFirstTrainer: guard('first-run', [refused(addressOf, 20)]),
    changePassword: guard('password', [refused(visitor, 10)]),
    confirmPassword: guard('confirm', [refused(visitor, 10)]),
    // Each is a write, or a whole copy: not to be had for the asking.
    getReady: guard('ready', [{ by: addressOf, tries: 60, withinSeconds: 60, countsGood: true }]),
    makeBackup: guard('backup', [{ by: visitor, tries: 10, withinSeconds: 600, countsGood: true }]),
    search: guard('search', [{ by: visitor, tries: 120, withinSeconds: 60, countsGood: true }]),
    exportStudio: guard('export', [{ by: visitor, tries: 10, withinSeconds: 600, countsGood: true }]),
    exportPerson: guard('export-person', [{ by: visitor, tries: 60, withinSeconds: 600, countsGood: true }]),
  };
};

/** How a rest is said. */
const inWords = (seconds: number): string =>
  seconds < 90 ? `${Math.max(1, Math.round(seconds))} seconds` : `${Math.ceil(seconds / 60)} minutes`;

/** Lets so much through and no more; whoever goes on knocking rests longer each time. */
const guard = (
  name: string,
  limits: readonly Limit[],
  wentWell: (request: Request) => void = () => undefined,
): RequestHandler => {
  const counted = limits.map((limit, at) => ({
    ...limit,
    tried: new RateLimiterMemory({ keyPrefix: `${name}${at}`, points: limit.tries, duration: limit.withinSeconds }),
    rested: new RateLimiterMemory({ keyPrefix: `${name}${at}r`, points: Number.MAX_SAFE_INTEGER, duration: DAY }),
  }));

  /** Counts one try. Throws `too-many-attempts` with the seconds to rest. */
  const count = async ({ tried, rested, tries }: (typeof counted)[number], key: string): Promise<void> => {
    try {
      await tried.consume(key);
    } catch (refusal) {
      if (!(refusal instanceof RateLimiterRes)) throw refusal;
      // The first try too many begins the rest; those within it don't prolong it.
      if (refusal.consumedPoints === tries + 1) {
        const { consumedPoints: rests } = await rested.consume(key);
        await tried.block(key, Math.min(LONGEST_REST, tried.duration * 2 ** (rests - 1)));
      }
      const seconds = ((await tried.get(key))?.msBeforeNext ?? refusal.msBeforeNext) / 1000;
      throw new TooMany(seconds);
    }
  };

  return async (request, response, next) => {
    const keys = counted.flatMap((limit) => {
      const key = limit.by(request);
      return key === null ? [] : [{ limit, key }];
    });
    try {
      for (const { limit, key } of keys) await count(limit, key);
    } catch (refusal) {
      if (!(refusal instanceof TooMany)) throw refusal;
      response.setHeader('Retry-After', Math.ceil(refusal.seconds));
      throw new AppError('too-many-attempts', `Too many tries. Try again in ${inWords(refusal.seconds)}.`);
    }
    response.on('finish', () => {
      const { statusCode } = response;
      if (statusCode < 400) wentWell(request);
      // What can't even be read was no try.
      else if (!NO_TRY.has(statusCode)) return;
      for (const { limit, key } of keys) if (!limit.countsGood) void limit.tried.reward(key);
    });
    next();
  };
};

class TooMany extends Error {
  constructor(readonly seconds: number) {
    super();
  }
}
