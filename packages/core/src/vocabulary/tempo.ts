/** Seconds of one phase; `x` means fast and counts as one second. */
export type TempoPart = number | 'x';

/** Four numbers: lowering, bottom, lifting, top. */
export interface Tempo {
  lowering: TempoPart;
  bottom: TempoPart;
  lifting: TempoPart;
  top: TempoPart;
}
