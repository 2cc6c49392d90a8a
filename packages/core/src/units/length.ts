/** Centimetres in one inch, exactly. Source: international yard and pound agreement, 1959. */
export const CM_PER_INCH = 2.54;

/** Length in centimetres of a value in inches. */
export const inchesToCm = (inches: number): number => inches * CM_PER_INCH;

/** Length in inches of a value in centimetres. Not rounded. */
export const cmToInches = (cm: number): number => cm / CM_PER_INCH;
