import type { LoadPosition, MassUnit, PieceType } from '../vocabulary';

/** One size of weight in the room, as it is labelled, and how many of it there are. */
export interface KitPiece {
  id: string;
  type: PieceType;
  /** The number on the label, in `unit`. */
  value: number;
  unit: MassUnit;
  owned: number;
}

/** What is in the room to be loaded. */
export interface Kit {
  pieces: readonly KitPiece[];
}

/** How a piece is used in a set: as labelled, never re-rounded. */
export interface ImplementUse {
  pieceId: string;
  type: PieceType;
  value: number;
  unit: MassUnit;
  count: number;
}

/** A load that can be made: where it is carried, with what, and its external mass (both hands together). */
export interface Load {
  position: LoadPosition;
  implements: readonly ImplementUse[];
  externalKg: number;
}
