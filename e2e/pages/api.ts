/** A signed-in caller over HTTP, as another phone would be. */
export interface Caller {
  get<Reply>(path: string): Promise<Reply>;
  /** Reads all of an answer and keeps none of it: how many bytes came. */
  download(path: string): Promise<number>;
  /** The status of a write, and its reply. Throws when nobody answers. */
  put(path: string, body: object): Promise<{ status: number; reply: unknown }>;
  post(path: string, body: object): Promise<{ status: number; reply: unknown }>;
}

/** Opens the demo studio over HTTP. */
export const demoCaller = async (url: string): Promise<Caller> => {
  const json = { 'content-type': 'application/json' };
  const opened = await fetch(`${url}/api/auth/open-demo`, { method: 'POST', headers: json, body: '{}' });
  const headers = { ...json, cookie: (opened.headers.get('set-cookie') ?? '').split(';')[0] ?? '' };
  const write = (method: string) => async (path: string, body: object) => {
    const response = await fetch(`${url}${path}`, { method, headers, body: JSON.stringify(body) });
    return { status: response.status, reply: (await response.json()) as unknown };
  };
  return {
    get: async <Reply>(path: string) => (await (await fetch(`${url}${path}`, { headers })).json()) as Reply,
    download: async (path) => {
      const { body } = await fetch(`${url}${path}`, { headers });
      let bytes = 0;
      for await (const chunk of body ?? []) bytes += (chunk as Uint8Array).length;
      return bytes;
    },
    put: write('PUT'),
    post: write('POST'),
  };
};

/** What a set is sent with of the exercise it belongs to. */
export interface SheetItem {
  id: string;
  dose: { repsHigh: number; load: { implements: object[] } };
}

/** A work set with nothing unusual about it, without its command and number. */
export const setBody = (item: SheetItem): object => ({
  itemId: item.id,
  kind: 'work',
  side: 'both',
  round: null,
  parentSetId: null,
  plannedReps: item.dose.repsHigh,
  plannedSeconds: null,
  reps: 10,
  seconds: null,
  endedBy: 'planned',
  faults: [],
  clean: 'yes',
  jointPain: null,
  feltWhere: [],
  reserve: null,
  reserveFrom: null,
  tempoMeasured: null,
  implements: item.dose.load.implements,
  restBeforeSeconds: null,
  loggedBy: 'trainer',
  loggedAt: '2026-11-24T10:00:00.000Z',
  removed: false,
});

/** A session of the person who has never trained here, and the way to log its sets. */
export const startSession = async (caller: Caller) => {
  const { nextSheet } = await caller.get<{ nextSheet: { id: string; attempt: number; items: SheetItem[] } }>(
    '/api/people/nell-person',
  );
  const sessionId = `${nextSheet.id}-${nextSheet.attempt}`;
  const command = (seq: number) => ({ id: `device-command-${seq}`, deviceId: 'device-http', deviceSeq: seq });
  const path = `/api/sessions/${sessionId}`;
  await caller.put(path, { command: command(0), sheetId: nextSheet.id, startedAt: new Date().toISOString() });
  const [item] = nextSheet.items;
  if (!item) throw new Error('the demo sheet has no exercise');
  return {
    sessionId,
    sets: async () =>
      (await caller.get<{ sets: { id: string; revision: number; reps: number; deviceSeq: number }[] }>(path)).sets,
    /** The write of one set; the same number gives the same command with the same contents. */
    set: (seq: number) => ({
      path: `${path}/sets/device-set-${seq}`,
      body: { ...setBody(item), command: command(seq), setIndex: seq % 50, reps: seq % 20 },
    }),
  };
};
