import { answerTo, WARNING_LEVELS, WARNING_SIGNS } from '.';

// Source: usual clinical and coaching practice, from memory.
describe('warning signs', () => {
  it('are each listed once, on every level', () => {
    expect(new Set(WARNING_SIGNS.map(({ id }) => id)).size).toBe(WARNING_SIGNS.length);
    expect(new Set(WARNING_SIGNS.map(({ level }) => level))).toEqual(new Set(WARNING_LEVELS));
  });

  it.each([
    ['chest-pain', true, /ambulance/],
    ['saddle-numbness', true, /ambulance/],
    ['hot-joint', true, /today/],
    ['night-pain', false, /until a clinician/],
  ] as const)('%s: ends the session %s', (id, endsSession, instruction) => {
    expect(answerTo(id)).toMatchObject({ endsSession, locks: true, instruction: expect.stringMatching(instruction) });
  });

  it('knows no other signs', () => expect(answerTo('hiccups')).toBeUndefined());
});
