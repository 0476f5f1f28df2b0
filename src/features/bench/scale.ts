/** Pixels for a millimetre on the bench: one scale for all. */
export const SCALE = 0.36;
