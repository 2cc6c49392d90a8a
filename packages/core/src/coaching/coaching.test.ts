import { painAdvice, restAfter } from '.';

// Source: pain-monitoring model, Thomeé 1997; Silbernagel 2007, from memory: > 5 stops, 3–5 eases.
it.each([
  [null, undefined],
  [2, undefined],
  [3, 'pain-ease'],
  [6, 'pain-stop'],
] as const)('pain %s just logged: %s', (pain, code) => expect(painAdvice(pain)?.code).toBe(code));

describe('rest', () => {
  // House default: half as long again after a set that was much harder than asked for.
  it.each([
    [{ reserve: 2, endedBy: 'planned' }, 90],
    [{ reserve: 1, endedBy: 'planned' }, 90],
    [{ reserve: 0, endedBy: 'planned' }, 135],
    [{ reserve: null, endedBy: 'failure' }, 135],
    [{ reserve: null, endedBy: 'planned' }, 90],
    [{ reserve: 5, endedBy: 'planned' }, 90],
  ] as const)('after %j: %s s', (last, seconds) => {
    const { restSeconds, reasons } = restAfter({ restSeconds: 90, reserve: 2 }, last);
    expect([restSeconds, reasons.length]).toEqual([seconds, seconds === 90 ? 0 : 1]);
  });

  it('inside a round there is no rest to lengthen', () => {
    expect(restAfter({ restSeconds: 0, reserve: 2 }, { reserve: 0, endedBy: 'failure' })).toEqual({
      restSeconds: 0,
      reasons: [],
    });
  });
});
