import { toKg } from '../units';
import type { MassUnit } from '../vocabulary';
import type { ImplementUse, Kit, KitPiece } from './types';

/** Plates of one side, the innermost (heaviest) first. */
export type Side = readonly KitPiece[];

/** Most plates a sleeve takes. House default. */
const SLEEVE = 8;

const gramsOf = (piece: Pick<KitPiece, 'value' | 'unit'>): number => Math.round(toKg(piece.value, piece.unit) * 1000);

const heaviestFirst = (a: KitPiece, b: KitPiece): number => gramsOf(b) - gramsOf(a) || a.id.localeCompare(b.id);

/** Plates of one unit, with how many there are for each side. Units are never mixed on one bar. */
const platesOf = (kit: Kit, unit: MassUnit): { piece: KitPiece; perSide: number }[] =>
  kit.pieces
    .filter(({ type, unit: printed, owned }) => type === 'plate' && printed === unit && owned >= 2)
    .sort(heaviestFirst)
    .map((piece) => ({ piece, perSide: Math.floor(piece.owned / 2) }));

/**
 * Every mass one side can hold and the fewest plates for it, by grams, unloaded among them. Of two ways with as many
 * plates, the one with the heavier plates wins.
 */
export const sidesOf = (kit: Kit, unit: MassUnit): Map<number, Side> => {
  let found = new Map<number, Side>([[0, []]]);
  for (const { piece, perSide } of platesOf(kit, unit)) {
    const next = new Map(found);
    for (const [grams, side] of found) {
      for (let count = 1; count <= perSide && side.length + count <= SLEEVE; count += 1) {
        const total = grams + count * gramsOf(piece);
        const held = next.get(total);
        if (!held || side.length + count < held.length) next.set(total, [...side, ...new Array<KitPiece>(count).fill(piece)]);
      }
    }
    found = next;
  }
  return found;
};

/** Plates to take off and put on to get from one side to another: only the outer ones can be reached. */
export const changesBetween = (from: Side, to: Side): { off: number; on: number } => {
  let same = 0;
  while (same < from.length && same < to.length && from[same]?.id === to[same]?.id) same += 1;
  return { off: from.length - same, on: to.length - same };
};

/**
 * The plates of one side for a mass per side in kg, with the fewest changes from what is on the bar; then the fewest
 * plates. Null when these plates can't make it.
 * @example platesPerSide(kit, 'kg', 25, on) // 20 + 5, or 10 + 10 + 5 when 10s are on already
 */
export const platesPerSide = (kit: Kit, unit: MassUnit, perSideKg: number, onBar: Side = []): Side | null => {
  const plates = platesOf(kit, unit);
  const wanted = Math.round(perSideKg * 1000);
  let best: { side: Side; changes: number } | null = null;
  const search = (at: number, left: number, side: Side): void => {
    if (left === 0) {
      const { off, on } = changesBetween(onBar, side);
      const changes = off + on;
      if (!best || changes < best.changes || (changes === best.changes && side.length < best.side.length)) {
        best = { side, changes };
      }
      return;
    }
    const plate = plates[at];
    if (!plate || side.length >= SLEEVE) return;
    const grams = gramsOf(plate.piece);
    const most = Math.min(plate.perSide, Math.floor(left / grams), SLEEVE - side.length);
    for (let count = most; count >= 0; count -= 1) {
      search(at + 1, left - count * grams, [...side, ...new Array<KitPiece>(count).fill(plate.piece)]);
    }
  };
  search(0, wanted, []);
  return (best as { side: Side } | null)?.side ?? null;
};

/** A bar with its plates, as pieces of a load: each size once, counted over both sides. */
export const barUse = (bar: KitPiece, side: Side): ImplementUse[] => {
  const counts = new Map<KitPiece, number>();
  for (const plate of side) counts.set(plate, (counts.get(plate) ?? 0) + 2);
  const counted = (piece: KitPiece, count: number): ImplementUse => ({
    pieceId: piece.id,
    type: piece.type,
    value: piece.value,
    unit: piece.unit,
    count,
  });
  return [counted(bar, 1), ...[...counts].map(([plate, count]) => counted(plate, count))];
};
