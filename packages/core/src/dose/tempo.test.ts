import fc from 'fast-check';
import { formatTempo, isPossibleTempo, nearestTempo, secondsPerRep, tempoAt } from '.';
import type { Tempo } from '.';

const threes: Tempo = { lowering: 3, bottom: 3, lifting: 3, top: 0 };

describe('tempo', () => {
  it('a four-drill circuit of forty reps at 3 s each way with a 3 s hold is 360 s a round', () => {
    // Source: common practice, no source: 40 reps × 9 s = 360 s.
    expect(40 * secondsPerRep(threes)).toBe(360);
  });

  it.each([
    [{ lowering: 3, bottom: 1, lifting: 1, top: 0 }, '3-1-1-0', 5],
    [{ lowering: 2, bottom: 0, lifting: 2, top: 0 }, '2-0-2-0', 4],
    // Source: common practice, no source: fast counts as one second.
    [{ lowering: 2, bottom: 0, lifting: 'x', top: 0 }, '2-0-x-0', 3],
  ] as const)('%j is written %s and takes %d s', (tempo, text, seconds) => {
    expect([formatTempo(tempo), secondsPerRep(tempo)]).toEqual([text, seconds]);
  });

  it('a tempo without a second of moving becomes a second each way; any other stays as it is', () => {
    // Source: house rule.
    expect(formatTempo(nearestTempo({ lowering: 0, bottom: 2, lifting: 0, top: 1 }))).toBe('1-2-1-1');
    expect(nearestTempo(threes)).toBe(threes);
    expect(isPossibleTempo({ lowering: 0, bottom: 0, lifting: 'x', top: 0 })).toBe(true);
  });

  it('counts down, hold and up in order from the top', () => {
    const tempo: Tempo = { lowering: 3, bottom: 1, lifting: 1, top: 0 };
    const at = (seconds: number) => tempoAt(tempo, 'top', seconds);
    expect(at(0)).toMatchObject({ rep: 1, phase: 'lowering', second: 1, depth: 0 });
    expect(at(1.5)).toMatchObject({ phase: 'lowering', second: 2, depth: 0.5 });
    expect(at(3)).toMatchObject({ phase: 'bottom', depth: 1 });
    expect(at(4.5)).toMatchObject({ phase: 'lifting', depth: 0.5 });
    expect(at(5)).toMatchObject({ rep: 2, phase: 'lowering', depth: 0 });
  });

  it('a bridge lifts first', () => {
    expect(tempoAt({ lowering: 2, bottom: 0, lifting: 1, top: 1 }, 'bottom', 0)).toMatchObject({
      phase: 'lifting',
      depth: 1,
    });
  });

  it('never leaves the range of motion and gains one rep per rep-length', () => {
    const part = fc.oneof(fc.integer({ min: 0, max: 6 }), fc.constant('x' as const));
    fc.assert(
      fc.property(
        fc.record({ lowering: part, bottom: part, lifting: part, top: part }),
        fc.constantFrom('top' as const, 'bottom' as const),
        fc.double({ min: 0, max: 300, noNaN: true }),
        (tempo, startsAt, seconds) => {
          const now = tempoAt(tempo, startsAt, seconds);
          expect(now.depth).toBeGreaterThanOrEqual(0);
          expect(now.depth).toBeLessThanOrEqual(1);
          if (secondsPerRep(tempo) > 0) {
            const later = tempoAt(tempo, startsAt, seconds + secondsPerRep(tempo) + 1e-6);
            expect(later.rep - now.rep).toBeGreaterThanOrEqual(1);
          }
        },
      ),
    );
  });
});
