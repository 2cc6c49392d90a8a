import type { NextFunction, Request, Response } from 'express';
import { makeLimits } from '../src/http/limits';

const QUARTER_HOUR = 15 * 60;

/** One visitor who knocks at the door with one name; how many seconds they are to rest, 0 where they are let through to try. */
const knocker = (limits: ReturnType<typeof makeLimits>, ip: string, loginName: string) => {
  const request = { ip, body: { loginName }, headers: {} } as unknown as Request;
  return async (): Promise<number> => {
    let seconds = 0;
    const response = { setHeader: (_name: string, value: number) => (seconds = value), on: () => undefined };
    try {
      await limits.signIn?.(request, response as unknown as Response, (() => undefined) as NextFunction);
    } catch (error) {
      expect(error).toMatchObject({ code: 'too-many-attempts' });
    }
    return seconds;
  };
};

describe('whoever goes on knocking', () => {
  beforeEach(() => void jest.useFakeTimers());
  afterEach(() => void jest.useRealTimers());

  it('rests longer each time, twice the last, four hours at most', async () => {
    const knock = knocker(makeLimits(), '203.0.113.9', 'anna');
    const rests: number[] = [];
    for (let round = 0; round < 7; round += 1) {
      for (let tries = 0; tries < 10; tries += 1) expect(await knock()).toBe(0);
      rests.push(await knock());
      // Knocking on meanwhile doesn't prolong it.
      await jest.advanceTimersByTimeAsync(60_000);
      expect(await knock()).toBeLessThan(rests.at(-1) ?? 0);
      await jest.advanceTimersByTimeAsync((rests.at(-1) ?? 0) * 1000);
    }
    expect(rests).toEqual([1, 2, 4, 8, 16, 16, 16].map((times) => times * QUARTER_HOUR));
  });

  it('holds up nobody else', async () => {
    const limits = makeLimits();
    const [knock, other] = [knocker(limits, '203.0.113.9', 'anna'), knocker(limits, '203.0.113.10', 'bert')];
    for (let tries = 0; tries < 12; tries += 1) await knock();
    expect(await other()).toBe(0);
  });
});
