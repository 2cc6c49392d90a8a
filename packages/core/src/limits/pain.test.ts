import { painBand } from '.';

// Source: pain-monitoring model, Thomeé 1997; Silbernagel 2007, from memory: 0–2 safe, 3–5 acceptable, > 5 not.
it.each([
  [null, 'unknown'],
  [0, 'safe'],
  [2, 'safe'],
  [3, 'ease'],
  [5, 'ease'],
  [6, 'stop'],
  [10, 'stop'],
] as const)('pain %s is in the band %s', (pain, band) => expect(painBand(pain)).toBe(band));
