/** Free weights the room can hold. */
export const PIECE_TYPES = ['dumbbell', 'kettlebell'] as const;
export type PieceType = (typeof PIECE_TYPES)[number];

/** Unit printed on a piece, and the unit a trainer reads in. */
export const MASS_UNITS = ['kg', 'lb'] as const;
export type MassUnit = (typeof MASS_UNITS)[number];
