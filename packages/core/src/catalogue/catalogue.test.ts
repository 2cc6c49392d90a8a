import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { isModelled } from '../body';
import { KIT_PRESETS } from '../kit';
import { FAULTS, FAMILIES, LOAD_POSITIONS, MAIN_FAMILIES } from '../vocabulary';
import { builtInCatalogue, byFamily, findVariation, getVariation, makeCatalogue } from '.';
import { checkValues, FAULT_TABLE, LADDERS, remediesFor } from './knowledge';

const all = builtInCatalogue.variations;
const named = all.map((v) => [v.id, v] as const);
const folderOf = (family: string) => (MAIN_FAMILIES.some((main) => main === family) ? family : join('helpers', family));

describe('catalogue registry', () => {
  it('is the whole trade, not a sample', () => {
    expect(all.length).toBeGreaterThan(150);
    expect(FAMILIES.filter((family) => byFamily(builtInCatalogue, family).length === 0)).toEqual([]);
    expect(new Set(all.map(({ name }) => name.toLowerCase())).size).toBe(all.length);
  });

  it.each(named)('%s: id is its file name and its family its folder', (id, v) => {
    expect(existsSync(join(__dirname, folderOf(v.family), `${id}.ts`))).toBe(true);
  });

  it.each(named)('%s is complete', (_id, v) => {
    expect(v.cues.length).toBeGreaterThanOrEqual(1);
    expect(v.cues.length).toBeLessThanOrEqual(5);
    for (const text of [...v.cues, ...v.cautions]) expect(text.length).toBeLessThan(110);
    expect(v.cautions.length).toBeGreaterThan(0);
    expect(v.faults.length).toBeGreaterThan(0);
    expect(new Set(v.faults).size).toBe(v.faults.length);
    expect(v.loadPositions.length).toBeGreaterThan(0);
    expect(v.loadPositions.filter((position) => !LOAD_POSITIONS.includes(position))).toEqual([]);
    const shares = [v.kneeShare, v.bodyMassShare, ...Object.values(v.emphasis)];
    expect(shares.every((share) => share >= 0 && share <= 1)).toBe(true);
    expect(Math.max(...Object.values(v.emphasis))).toBeGreaterThanOrEqual(0.5);
    // Timed or counted, never both.
    expect(v.seconds === null || v.repRange === null).toBe(true);
    for (const range of [v.seconds, v.repRange]) if (range) expect(range.low).toBeLessThan(range.high);
    // Nothing in the hands only where that is allowed; a trained person never begins lighter.
    if (v.firstLoadShare.novice === 0) expect(v.unloadedAllowed || v.loadPositions[0] === 'none').toBe(true);
    expect(v.firstLoadShare.trained).toBeGreaterThanOrEqual(v.firstLoadShare.novice);
  });

  it.each(named)('%s: levers are ordered scales with the usual notch on them', (_id, v) => {
    expect(new Set(v.levers.map(({ lever }) => lever)).size).toBe(v.levers.length);
    for (const { steps, usual, ordered, unit } of v.levers) {
      expect(steps[usual]).toBeDefined();
      expect(new Set(steps).size).toBe(steps.length);
      const numbers = steps.filter((step): step is number => typeof step === 'number');
      const rising = numbers.every((value, i) => i === 0 || value > (numbers[i - 1] ?? 0));
      const falling = numbers.every((value, i) => i === 0 || value < (numbers[i - 1] ?? 0));
      if (ordered || unit) expect(rising || falling).toBe(true);
      // None of an aid stands at the hard end of a falling scale, at the easy end of a rising one.
      if (steps.includes(null) && numbers.length > 1) expect(steps.indexOf(null)).toBe(falling && !rising ? steps.length - 1 : 0);
    }
  });

  it.each(named)('%s: siblings and prerequisites exist, siblings agree', (id, v) => {
    for (const { variationId, lever, way } of v.siblings) {
      const back = getVariation(builtInCatalogue, variationId).siblings;
      expect(back).toContainEqual({ lever, variationId: id, way: way === 'harder' ? 'easier' : 'harder' });
    }
    for (const needed of v.prerequisites) expect(findVariation(builtInCatalogue, needed)).toBeDefined();
  });

  it.each(named)('%s: whatever locks it can be unlocked by a path that ends', (id) => {
    const open = new Set<string>();
    const walk = (at: string, path: readonly string[]): void => {
      expect(path).not.toContain(at);
      if (open.has(at)) return;
      for (const next of getVariation(builtInCatalogue, at).prerequisites) walk(next, [...path, at]);
      open.add(at);
    };
    walk(id, []);
  });

  it.each(named)('%s: every fault it lists has something to do about it that it has', (_id, v) => {
    for (const fault of v.faults) {
      const remedies = remediesFor(v, fault);
      expect([fault, remedies.length > 0]).toEqual([fault, true]);
      for (const remedy of remedies) {
        if (remedy.kind === 'lever') expect(v.levers.map(({ lever }) => lever)).toContain(remedy.lever);
        if (remedy.kind === 'variation') expect(findVariation(builtInCatalogue, remedy.variationId)).toBeDefined();
      }
    }
  });

  it('the fault table has every fault, with at least two cues, and drills that exist', () => {
    expect(FAULT_TABLE.map(({ id }) => id).sort()).toEqual([...FAULTS].sort());
    for (const { cues, drill } of FAULT_TABLE) {
      expect(cues.length).toBeGreaterThanOrEqual(2);
      if (drill) expect(findVariation(builtInCatalogue, drill)).toBeDefined();
    }
    expect(FAULTS.filter((fault) => !all.some((v) => v.faults.includes(fault)))).toEqual([]);
  });

  it('the four of the first loop are in it, drawn by the posture model', () => {
    for (const id of ['goblet-squat', 'dumbbell-romanian-deadlift', 'split-squat', 'glute-bridge']) {
      expect(isModelled(getVariation(builtInCatalogue, id).figure)).toBe(true);
    }
  });

  it('refuses a repeated id, and says which is unknown', () => {
    expect(() => makeCatalogue([all[0]!, all[0]!])).toThrow('used twice');
    expect(findVariation(builtInCatalogue, 'no-such')).toBeUndefined();
    expect(() => getVariation(builtInCatalogue, 'no-such')).toThrow('"no-such"');
  });

  it('two preset rooms, each able to train all four families', () => {
    expect(KIT_PRESETS.map(({ id }) => id)).toEqual(['studio', 'living-room']);
  });
});

describe.each(LADDERS.map((ladder) => [ladder.id, ladder] as const))('ladder %s', (_id, ladder) => {
  const ids = ladder.rungs.map(({ id }) => id);

  it('has rungs that exist, at notches their variation has', () => {
    expect(new Set(ids).size).toBe(ids.length);
    for (const rung of ladder.rungs) {
      const variation = getVariation(builtInCatalogue, rung.variationId);
      expect([rung.id, checkValues(variation, rung.values ?? {})]).toEqual([rung.id, []]);
      expect(rung.from.filter((id) => !ids.includes(id))).toEqual([]);
    }
  });

  it('rises: what leads to a rung stands lower, and every rung on the way is reached from the bottom', () => {
    const main = ladder.rungs.filter((rung) => !rung.aside);
    for (const rung of ladder.rungs) {
      for (const id of rung.from) {
        const before = ladder.rungs.find((other) => other.id === id)!;
        expect(before.stage).toBeLessThanOrEqual(rung.stage);
        if (!rung.aside) expect(before.stage).toBeLessThan(rung.stage);
        // Something leads on from it, so it has a gate.
        if (!rung.aside)
          expect([before.id, before.gate === null && !rung.aside]).toEqual([before.id, rung.stage >= 8 && before.gate === null]);
      }
    }
    expect(main.filter((rung) => rung.from.length === 0).map(({ stage }) => stage)).toEqual([1]);
  });

  it('asks for clean work in numbers', () => {
    for (const { gate } of ladder.rungs) {
      if (!gate) continue;
      expect(gate.sets).toBeGreaterThanOrEqual(1);
      expect(gate.sessions === 1 || gate.sessions === 2).toBe(true);
      if (typeof gate.reps === 'number') expect(gate.reps).toBeGreaterThanOrEqual(1);
    }
  });
});

it('every variation of the four families stands on a ladder or beside one', () => {
  const on = new Set(LADDERS.flatMap(({ rungs }) => rungs.map(({ variationId }) => variationId)));
  expect(all.filter((v) => MAIN_FAMILIES.some((family) => family === v.family) && !on.has(v.id)).map(({ id }) => id)).toEqual([]);
});
