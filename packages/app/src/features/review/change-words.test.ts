import { CHANGE_LEVERS, LEVERS } from '@drubo/core/vocabulary';
import { changeWords, sameOr } from './change-words';

it('has words for whatever a verdict may change', () => {
  const said = [
    ...CHANGE_LEVERS.map((lever) => changeWords({ lever, from: 1, to: 2 })),
    ...LEVERS.map((lever) => changeWords({ lever, from: null, to: null })),
    changeWords({ lever: 'variation', from: 'goblet-squat', to: 'back-squat' }),
    changeWords({ lever: 'variation', from: 'glute-bridge', to: 'glute-bridge' }),
    changeWords(null),
  ];
  for (const words of said) expect(words).toMatch(/^[a-z].* changes?$/);
});

it('never says “the same” of reps that move', () => {
  expect(sameOr({ lever: 'reps', from: 14, to: 15 })).toBe('14 → 15 reps');
  expect(sameOr(null)).toBe('the same');
});

it('a stage of the same movement is no other exercise', () => {
  expect(changeWords({ lever: 'variation', from: 'glute-bridge', to: 'glute-bridge' })).toBe('its settings change');
  expect(changeWords({ lever: 'variation', from: 'goblet-squat', to: 'back-squat' })).toBe('the exercise changes');
});
