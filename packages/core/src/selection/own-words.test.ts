import { builtInCatalogue, getVariation } from '../catalogue';
import { meantBy } from '.';

const said = (text: string) => {
  const { chips, avoids } = meantBy(builtInCatalogue, text);
  return {
    chips: chips.map((chip) => (chip.kind === 'wants' ? chip.variationId : chip.kind === 'task' ? chip.task : chip.emphasis)),
    avoids: avoids.map(({ word }) => word),
  };
};

// Source: design: own words become tags that the trainer confirms; common practice, no source.
describe('what a person’s own words may mean', () => {
  it.each([
    ['wants to deadlift', ['deadlift'], []],
    ['Barbell hip thrusts and stronger calves', ['barbell-hip-thrust', 'calves'], []],
    ['get up off the floor with my grandchildren', ['floor-to-stand'], []],
    ['Run a half marathon, keep her balance on stairs', ['running', 'stairs', 'balance'], []],
    ['hates lunges', [], ['lunges']],
    ['no back squats, but goblet squats are fine', ['goblet-squat'], ['back squats']],
    ['Nothing in particular', [], []],
    ['', [], []],
    // A word inside another says nothing.
    ['corecrunch prune', [], []],
  ])('%s', (text, chips, avoids) => expect(said(text)).toEqual({ chips, avoids }));

  it('the longest name counts: a Romanian deadlift is no deadlift; case and accents say nothing', () => {
    expect(said('Loves the ROMANIAN deadlift').chips).toEqual(['romanian-deadlift']);
    expect(said('Bulgarián split squat').chips).toEqual(['rear-foot-elevated-split-squat']);
  });

  it('a family that is hated is every movement of it by that name', () => {
    const [lunges] = meantBy(builtInCatalogue, 'She hates lunges').avoids;
    expect(lunges!.variationIds).toEqual(expect.arrayContaining(['reverse-lunge', 'walking-lunge', 'forward-lunge']));
    for (const id of lunges!.variationIds) expect(getVariation(builtInCatalogue, id).family).toBe('lunge');
    expect(lunges!.variationIds).not.toContain('split-squat');
  });

  it('a “not” ends with its clause', () => {
    expect(said('never liked running, wants to jump')).toEqual({ chips: ['jumping'], avoids: [] });
  });
});
