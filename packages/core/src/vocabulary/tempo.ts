/** Seconds of one phase; `x` means fast and counts as one second. */
export type TempoPart = number | 'x';

/** Four numbers: lowering, bottom, lifting, top. */
export interface Tempo {
  lowering: TempoPart;
  bottom: TempoPart;
  lifting: TempoPart;
  top: TempoPart;
}

/** Seconds of one part; fast (`x`) counts as one. Source: common practice, no source. */
export const partSeconds = (part: TempoPart): number => (part === 'x' ? 1 : part);
