import fc from 'fast-check';
import type { KitPiece } from '@drubo/core';
import { defaultKit, toKg } from '@drubo/core';
import { aKit } from '../../../tests/builders';
import { bandLinesOf, bandProblem, bandsOf } from './band-lines';
import { gearLinesOf, gearOf } from './gear-lines';
import { builtInCatalogue, getVariation } from '@drubo/core/catalogue';
import { settingsLine } from '../../parts/sheet/settings-line';
import { kitLine, linesOf, piecesOf } from '../../parts/kit/kit-lines';
import { machineLinesOf, machinesOf } from './machine-lines';

const byId = (pieces: readonly KitPiece[]) => [...pieces].sort((a, b) => a.id.localeCompare(b.id));

describe('a kit as lines', () => {
  it.each(['kg', 'lb'] as const)('the usual rack in %s reads back as it was', (unit) => {
    const { pieces } = defaultKit(unit);
    expect(byId(piecesOf(linesOf(pieces)).pieces)).toEqual(byId(pieces));
  });

  it('an even run is one range, odd ones stand by themselves', () => {
    const piece = (value: number): KitPiece => ({ id: `dumbbell-${value}kg`, type: 'dumbbell', value, unit: 'kg', owned: 2 });
    expect(linesOf([2, 4, 6, 8, 10, 16].map(piece))).toEqual([{ type: 'dumbbell', unit: 'kg', owned: 2, text: '2–10 by 2; 16' }]);
  });

  it('a size in two lines is told where it is written again; an empty line adds nothing', () => {
    const line = { type: 'plate', unit: 'kg', owned: 4 } as const;
    const { pieces, problems } = piecesOf([
      { ...line, text: '5' },
      { ...line, text: '2.5; 5' },
      { ...line, text: '' },
    ]);
    expect(problems).toEqual([null, '5 kg stands in another line already', null]);
    expect(pieces).toHaveLength(1);
  });

  it('pounds and kilograms of one number are two sizes', () => {
    const { problems } = piecesOf([
      { type: 'plate', unit: 'kg', owned: 2, text: '10' },
      { type: 'plate', unit: 'lb', owned: 2, text: '10' },
    ]);
    expect(problems).toEqual([null, null]);
  });

  it('a kit in one line names what catches the bar', () => {
    expect(kitLine(aKit())).toContain('safety bars');
    expect(kitLine({ ...aKit(), pieces: [], gear: [], items: [], hasSafeties: false })).toBe('nothing yet');
  });
});

describe('things with a height', () => {
  it('are read in the trainer’s unit and kept in ours', () => {
    // Source: 1 in = 2.54 cm (1959 agreement).
    const lines = gearLinesOf([{ id: 'box-1', item: 'box', heightCm: 50.8, owned: 1 }], 'lb');
    expect(lines).toMatchObject([{ text: '20' }]);
    expect(gearOf(lines, 'lb')).toEqual([{ id: 'box-1', item: 'box', heightCm: 50.8, owned: 1 }]);
  });

  it('a 40 cm box stays one where inches are read', () => {
    const lines = gearLinesOf([{ id: 'box-1', item: 'box', heightCm: 40, owned: 1 }], 'lb');
    expect(lines).toMatchObject([{ text: '15.7' }]);
    expect(gearOf(lines, 'lb')).toMatchObject([{ heightCm: 40 }]);
    expect(gearOf([{ ...lines[0]!, text: '16' }], 'lb')).toMatchObject([{ heightCm: 40.64 }]);
  });

  it('nothing is made of a height that is no number; an empty one was not measured', () => {
    const line = { id: 'box-1', item: 'box', owned: 1 } as const;
    expect(gearOf([{ ...line, text: 'knee' }], 'kg')).toBeNull();
    expect(gearOf([{ ...line, text: '' }], 'kg')).toMatchObject([{ heightCm: null }]);
  });
});

describe('measured bands', () => {
  const gear = {
    id: 'band-1',
    item: 'band' as const,
    heightCm: null,
    owned: 1,
    band: {
      strength: 'medium' as const,
      points: [
        { lengthCm: 61, pullKg: 4.2 },
        { lengthCm: 103, pullKg: 11.3 },
      ],
    },
  };
  it.each(['kg', 'lb'] as const)('read back as they were, in %s, and are no line with a height', (unit) => {
    const lines = bandLinesOf([gear], unit);
    expect(bandsOf(lines, unit)).toEqual([gear]);
    expect(gearLinesOf([gear], unit)).toEqual([]);
    expect(bandsOf([{ ...lines[0]!, strength: 'heavy' }], unit)).toMatchObject([{ band: { strength: 'heavy' } }]);
  });
  it('are read in the trainer’s unit and kept in ours', () => {
    // Source: 1 in = 2.54 cm, 1 lb = 0.45359237 kg (1959 agreement).
    const line = {
      id: 'b',
      strength: 'light' as const,
      owned: 1,
      shorter: '20',
      shorterPull: '10',
      longer: '40',
      longerPull: '20',
    };
    const [kept] = bandsOf([line], 'lb')!;
    expect(kept?.band?.points[0]).toEqual({ lengthCm: expect.closeTo(50.8, 6), pullKg: expect.closeTo(4.5359237, 6) });
  });
  it.each([
    [{ longer: '' }, 'number'],
    [{ shorterPull: 'much' }, 'number'],
    [{ longer: '60' }, 'lengths'],
    [{ longerPull: '4' }, 'pulls'],
  ] as const)('%j: %s', (over, problem) => {
    const [line] = bandLinesOf([gear], 'kg');
    expect(bandProblem({ ...line!, ...over })).toBe(problem);
    expect(bandsOf([{ ...line!, ...over }], 'kg')).toBeNull();
  });
  it('say their pull on a sheet that asks for that strength', () => {
    const bridge = getVariation(builtInCatalogue, 'abduction-glute-bridge');
    const line = (kit?: { gear: (typeof gear)[] }) => settingsLine(bridge, { band: 'medium' }, { externalKg: 0 }, kit);
    expect(line({ gear: [gear] })).toBe('Band medium (4.2 kg at 61 cm, 11.3 kg at 103 cm)');
    expect([line(), line({ gear: [] })]).toEqual(['Band medium', 'Band medium']);
  });
});

describe('machines', () => {
  const line = {
    id: 'm1',
    item: 'leg-press',
    name: 'By the window',
    text: '10–30 by 10',
    start: '20',
    unit: 'kg',
    assists: false,
  } as const;
  it('have their own steps and what moves with nothing set; they read back as they were', () => {
    const { machines, problems } = machinesOf([line]);
    expect(problems).toEqual([null]);
    expect(machines).toMatchObject([{ steps: [{ kg: 10 }, { kg: 20 }, { kg: 30 }], startKg: 20 }]);
    expect(machinesOf(machineLinesOf(machines)).machines).toEqual(machines);
  });
  it('pounds are kept in kilograms, labels as printed', () => {
    // Source: 1 lb = 0.45359237 kg (1959 agreement).
    const { machines } = machinesOf([{ ...line, unit: 'lb', start: '' }]);
    expect(machines[0]?.steps[0]).toEqual({ label: '10', kg: expect.closeTo(4.5359, 4) });
    expect(machines[0]?.startKg).toBe(0);
  });
  it('in pounds are opened in pounds, every step and label as it was', () => {
    // Source: 1 lb = 0.45359237 kg (1959 agreement). Seen: opened and saved, the 100 lb step was gone and “10” was “4.54”.
    const { machines } = machinesOf([{ ...line, unit: 'lb', text: '10–100 by 10' }]);
    const opened = machineLinesOf(machines);
    expect(opened).toMatchObject([{ unit: 'lb', text: '10–100 by 10', start: '20' }]);
    expect(machinesOf(opened).machines).toEqual(machines);
    const more = machinesOf(opened.map((one) => ({ ...one, text: '10–110 by 10' }))).machines[0]!;
    expect(more.steps.slice(0, 10)).toEqual(machines[0]!.steps);
    expect(more.steps[10]).toEqual({ label: '110', kg: expect.closeTo(49.895, 3) });
  });
  it('labels that are no mass stay where the steps stay', () => {
    const pins = ['A', 'B', 'C'].map((label, at) => ({ label, kg: 7.5 * (at + 1) }));
    const machine = { id: 'm2', item: 'leg-curl' as const, name: 'Pins', steps: pins, startKg: 3.333, assists: false };
    const opened = machineLinesOf([machine]);
    expect(machinesOf(opened).machines).toEqual([machine]);
    const more = machinesOf(opened.map((one) => ({ ...one, text: `${one.text}; 30` }))).machines[0]!;
    expect(more.steps.map(({ label }) => label)).toEqual(['A', 'B', 'C', '30']);
  });
  it('opened and saved any machine and any height is what it was', () => {
    const kg = fc.double({ min: 0.1, max: 400, noNaN: true });
    const steps = fc.uniqueArray(fc.record({ label: fc.string({ minLength: 1, maxLength: 4 }), kg }), {
      minLength: 1,
      maxLength: 12,
      selector: ({ kg: mass }) => Math.round(mass * 100),
    });
    fc.assert(
      fc.property(steps, fc.boolean(), kg, fc.constantFrom('kg' as const, 'lb' as const), (drawn, inPounds, height, unit) => {
        const rising = drawn.toSorted((a, b) => a.kg - b.kg);
        const printed = rising.map(({ label, kg: mass }) =>
          inPounds ? { label: String(Math.ceil(mass)), kg: toKg(Math.ceil(mass), 'lb') } : { label, kg: mass },
        );
        const machine = { id: 'm3', item: 'cable' as const, name: 'Cable', steps: printed, startKg: height / 7, assists: true };
        expect(machinesOf(machineLinesOf([machine])).machines).toEqual([machine]);
        const box = { id: 'b', item: 'box' as const, heightCm: height, owned: 1 };
        expect(gearOf(gearLinesOf([box], unit), unit)).toEqual([box]);
      }),
    );
  });
  it('without steps, or starting at a word, it is not saved', () =>
    expect(
      machinesOf([
        { ...line, text: '' },
        { ...line, start: 'heavy' },
      ]).problems,
    ).toEqual(['has no size yet', 'starts at something that is not a number']));
});
