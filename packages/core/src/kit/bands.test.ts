import { builtInCatalogue } from '../catalogue';
import { lever } from '../progression/change-lever';
import { anExerciseLog } from '../testing';
import { bandOf, defaultKit, hasBand } from '.';
import type { KitGear } from '.';

const band = (strength: 'light' | 'medium' | 'heavy', owned = 1): KitGear => ({
  id: `band-${strength}`,
  item: 'band',
  heightCm: null,
  owned,
  band: {
    strength,
    points: [
      { lengthCm: 60, pullKg: 4 },
      { lengthCm: 100, pullKg: 12 },
    ],
  },
});

// Source: band strength by measured pull at two points is a setting of the trade’s set-ups; common practice, no source.
describe('bands of a place', () => {
  it('are those that were measured; where none was, any will do', () => {
    const kit = { gear: [band('light'), band('heavy', 0)] };
    expect(bandOf(kit, 'light')?.points[1]).toEqual({ lengthCm: 100, pullKg: 12 });
    expect(['light', 'medium', 'heavy'].map((strength) => hasBand(kit, strength))).toEqual([true, false, false]);
    expect(hasBand({ gear: [] }, 'heavy')).toBe(true);
  });

  it('no movement goes on to a strength that is not there', () => {
    const log = anExerciseLog({ variationId: 'abduction-glute-bridge' });
    const harder = (gear: readonly KitGear[]) =>
      lever(
        {
          ...log,
          context: { ...log.context, catalogue: builtInCatalogue, room: null, kit: { ...defaultKit('kg'), gear } },
          values: { band: 'light' },
        },
        log.dose.load,
        'harder',
        'band',
      );
    expect(harder([])?.change).toMatchObject({ lever: 'band', from: 'light', to: 'medium' });
    expect(harder([band('light'), band('medium')])?.change).toMatchObject({ to: 'medium' });
    expect(harder([band('light'), band('heavy')])).toBeNull();
  });
});
