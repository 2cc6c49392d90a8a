import { painAdvice } from '.';

// Source: pain-monitoring model, Thomeé 1997; Silbernagel 2007, from memory: > 5 stops, 3–5 eases.
it.each([
  [null, undefined],
  [2, undefined],
  [3, 'pain-ease'],
  [6, 'pain-stop'],
] as const)('pain %s just logged: %s', (pain, code) => expect(painAdvice(pain)?.code).toBe(code));
