import { z } from 'zod';
import { StartProblem } from '../keeping/start-problem';

const environment = z.object({
  PORT: z.coerce.number().int().min(0).max(65_535).default(4600),
  HOST: z.string().min(1).default('127.0.0.1'),
  DRUBO_DATA_DIR: z.string().min(1).optional(),
  DRUBO_MODE: z.enum(['studio', 'demo']).default('studio'),
  /** Days the demo's clock is set ahead, to see what time away does. A real studio has no such clock. */
  DRUBO_DEMO_DAYS_AHEAD: z.coerce.number().int().min(0).max(400).default(0),
  /** Whether a new database may be made beside what is left of another. */
  DRUBO_FRESH: z.enum(['0', '1']).default('0'),
  /** A bundle to load into an empty database; the demo's studio comes this way. */
  DRUBO_BUNDLE: z.string().min(1).optional(),
  /** The built web app. Without it only the API is served. */
  DRUBO_WEB_DIR: z.string().min(1).optional(),
  /** Where the developer's bundler answers; everything outside /api goes there. */
  DRUBO_WEB_DEV: z.url().optional(),
  TLS_CERT: z.string().min(1).optional(),
  TLS_KEY: z.string().min(1).optional(),
  /**
   * How many reverse proxies stand before the server, or their addresses: only then is what they say of the visitor believed.
   */
  TRUST_PROXY: z
    .string()
    .regex(/^(\d{1,2}|[0-9a-zA-Z.:/, ]+)$/, 'must be a number of proxies or their addresses')
    .optional(),
  /** Host names the server answers to, with commas between; left out: any. */
  DRUBO_HOSTS: z
    .string()
    .regex(/^[a-z0-9.:[\]-]+(,[a-z0-9.:[\]-]+)*$/i, 'must be host names with commas between')
    .optional(),
  LOG_LEVEL: z.enum(['fatal', 'error', 'warn', 'info', 'debug', 'silent']).default('info'),
});

/** What the server is started with. */
export interface Config {
  port: number;
  host: string;
  databaseFile: string;
  demo: boolean;
  /** Whether a new database may be made where another one was. */
  mayBeginAnew: boolean;
  /** 0 outside the demo. */
  daysAhead: number;
  bundleFile: string | null;
  webDir: string | null;
  webDevUrl: string | null;
  tls: { certFile: string; keyFile: string } | null;
  /** As express takes it; null: nobody stands before the server. */
  trustProxy: number | string | null;
  /** Lower case; null: any. */
  hosts: readonly string[] | null;
  logLevel: string;
}

const badSetting = (what: string): StartProblem =>
  new StartProblem('bad-setting', `${what}. Nothing was changed. Set it as the README says and start again.`);

/**
 * Typed configuration from environment variables. Throws one readable error naming every bad variable.
 * The demo and a real studio never share a database file, even in one data folder.
 */
export const readConfig = (env: Record<string, string | undefined>, defaultDataDir: string): Config => {
  const parsed = environment.safeParse(env);
  if (!parsed.success) {
    throw badSetting(parsed.error.issues.map((issue) => `${issue.path.join('.')}: ${issue.message}`).join('; '));
  }
  const e = parsed.data;
  if (Boolean(e.TLS_CERT) !== Boolean(e.TLS_KEY)) throw badSetting('TLS_CERT and TLS_KEY belong together: set both or neither');
  return {
    port: e.PORT,
    host: e.HOST,
    databaseFile: `${e.DRUBO_DATA_DIR ?? defaultDataDir}/${e.DRUBO_MODE}.sqlite`,
    demo: e.DRUBO_MODE === 'demo',
    mayBeginAnew: e.DRUBO_FRESH === '1',
    daysAhead: e.DRUBO_MODE === 'demo' ? e.DRUBO_DEMO_DAYS_AHEAD : 0,
    bundleFile: e.DRUBO_BUNDLE ?? null,
    webDir: e.DRUBO_WEB_DIR ?? null,
    webDevUrl: e.DRUBO_WEB_DEV ?? null,
    tls: e.TLS_CERT && e.TLS_KEY ? { certFile: e.TLS_CERT, keyFile: e.TLS_KEY } : null,
    trustProxy: e.TRUST_PROXY === undefined ? null : /^\d+$/.test(e.TRUST_PROXY) ? Number(e.TRUST_PROXY) : e.TRUST_PROXY,
    hosts: e.DRUBO_HOSTS ? e.DRUBO_HOSTS.toLowerCase().split(',') : null,
    logLevel: e.LOG_LEVEL,
  };
};
