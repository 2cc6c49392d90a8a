import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { builtInCatalogue, getVariation } from '@drubo/core/catalogue';
import { anExerciseLog } from '@drubo/core/testing';
import { decideExercise } from '@drubo/core/judging';
import { BASES, REASON_CODES, reason } from '@drubo/core/vocabulary';
import {
  BASIS_LABELS,
  formatDose,
  formatLoad,
  formatMass,
  formatPieces,
  formatPieceTypes,
  formatReps,
  formatRest,
  inSentence,
} from '.';
import { explain } from '../explain';
import { WORDING } from './wording';

const context = { unit: 'kg', nameOf: (id: string) => getVariation(builtInCatalogue, id).name } as const;

describe('wording', () => {
  it('has a sentence for every code and a label for every basis', () => {
    expect(Object.keys(WORDING).sort()).toEqual([...REASON_CODES].sort());
    expect(Object.keys(BASIS_LABELS).sort()).toEqual([...BASES].sort());
  });

  it('every basis is listed in docs/sources.md', () => {
    const sources = readFileSync(join(__dirname, '../../../../docs/sources.md'), 'utf8');
    expect(BASES.filter((basis) => !sources.includes(`\`${basis}\``))).toEqual([]);
  });

  it('explains a whole decision in the trainer’s unit, without gaps', () => {
    const decision = decideExercise(anExerciseLog({ loadKg: 24, reps: [7, 6, 6] }));
    const [first] = decision.reasons.map((r) => explain(r, { ...context, unit: 'lb' }));
    expect(first?.text).toBe('3 sets under 8, the worst 6, at 52.9 lb.');
    expect(first?.source).toBe('Common practice, no published source');
  });

  it('never shouts', () => {
    const text = explain(reason('top-of-range', { sets: 3, reps: 12 }, 'common-practice'), context).text;
    expect(text).toBe('All 3 sets reached 12, clean.');
  });
});

describe('formats', () => {
  const bell = { type: 'kettlebell', value: 24, unit: 'kg', count: 1, pieceId: 'k' } as const;

  it.each([
    [[], 'bodyweight'],
    [[bell], '24 kg bell'],
    [[{ ...bell, type: 'dumbbell' as const }], '24 kg dumbbell'],
    [[{ ...bell, type: 'dumbbell' as const, value: 10, count: 2 }], '2 × 10 kg'],
    [[{ ...bell, value: 45, unit: 'lb' as const }], '45 lb bell'],
  ])('a load as labelled: %j is %s', (pieces, text) => expect(formatLoad({ implements: pieces })).toBe(text));

  it('numbers and kind of a load apart, for narrow places', () => {
    const pair = { implements: [{ ...bell, type: 'dumbbell' as const, count: 2 }] };
    expect([formatPieces(pair), formatPieceTypes(pair)]).toEqual(['2 × 24 kg', 'dumbbells']);
    expect([formatPieces({ implements: [] }), formatPieceTypes({ implements: [] })]).toEqual(['–', 'bodyweight']);
  });

  it('masses carry their unit, rests their minutes, ranges both ends', () => {
    // Source: 1 lb = 0.45359237 kg exactly (1959 agreement).
    expect(formatMass(45.359237, 'lb')).toBe('100 lb');
    expect([formatRest(90), formatRest(45), formatRest(120)]).toEqual(['1:30', '0:45', '2:00']);
    expect(formatReps({ repsLow: 8, repsHigh: 12, repsBeyond: 3 })).toBe('8–15');
    expect(formatReps({ repsLow: 5, repsHigh: 5, repsBeyond: 0 })).toBe('5');
  });

  it('stands in a sentence with a small letter, but for names', () => {
    expect(
      ['Goblet squat', 'Dumbbell Romanian deadlift', 'Nordic curl', 'Cossack squat, band overhead', 'RDL', 'Hip'].map(inSentence),
    ).toEqual(['goblet squat', 'dumbbell Romanian deadlift', 'Nordic curl', 'Cossack squat, band overhead', 'RDL', 'hip']);
    // Every capital inside a built-in name belongs to a word that keeps it at the front too.
    for (const { name } of builtInCatalogue.variations)
      for (const word of name.split(/[ ,]+/).slice(1)) if (/^[A-Z]/.test(word)) expect(inSentence(word)).toBe(word);
  });

  it('a hold and a drill are asked no reserve', () => {
    const { dose } = anExerciseLog({ loadKg: 24 });
    expect(formatDose({ ...dose, seconds: 30 }, 'two-leg')).not.toMatch(/reserve/);
    expect(formatDose(dose, 'two-leg', 'prep')).not.toMatch(/reserve/);
    expect(formatDose(dose, 'two-leg', 'accessory')).toMatch(/2 in reserve$/);
  });

  it('a dose reads on one line', () => {
    expect(formatDose(anExerciseLog({ loadKg: 24 }).dose, 'two-leg')).toBe(
      '3 × 8–12 · 24 kg bell · 3-1-1-0 · rest 1:30 · 2 in reserve',
    );
  });
});
