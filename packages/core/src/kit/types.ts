import type { BandStrength, KitItem, LoadPosition, MassUnit, PieceType } from '../vocabulary';

/** One size of weight in the room, as it is labelled, and how many of it there are. */
export interface KitPiece {
  id: string;
  type: Exclude<PieceType, 'machine'>;
  /** The number on the label, in `unit`. */
  value: number;
  unit: MassUnit;
  /** How many there are in all: a pair of dumbbells is 2, two plates a side are 4. */
  owned: number;
}

/** A machine with its own steps. Numbers of two machines are never compared. */
export interface KitMachine {
  id: string;
  item: KitItem;
  name: string;
  /** Steps from the lightest on: what is printed, and the mass it is taken for (a guess where only a pin number stands). */
  steps: readonly { label: string; kg: number }[];
  /** Mass moved with nothing set: an empty sled, a carriage. 0 where there is none. */
  startKg: number;
  /** Whether its steps take weight off the person instead of adding it. */
  assists: boolean;
}

/** A band's strength by name, and its pull at two lengths as it was measured, the shorter first. */
export interface BandSize {
  strength: BandStrength;
  points: readonly { lengthCm: number; pullKg: number }[];
}

/** A thing with a height or a pull: boxes, benches, wedges, steps, bands. */
export interface KitGear {
  id: string;
  item: KitItem;
  /** Height in cm; null where it has none or nobody measured it. */
  heightCm: number | null;
  /** Of a band that was measured. */
  band?: BandSize | undefined;
  owned: number;
}

/** What is in the room to be loaded, and what helps. */
export interface Kit {
  pieces: readonly KitPiece[];
  machines: readonly KitMachine[];
  gear: readonly KitGear[];
}

/** How a piece is used in a set: as labelled, never re-rounded. Plates are counted over both sides. */
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
