/** Pixels for a millimetre on the bench: one scale for all. */
export const SCALE = 0.36;

/** So many containers stand one place to a shelf. */
const FEW = 3;
/** From so many on they stand a little smaller, two places to a shelf. */
const MANY = 9;

/** Whether so many containers fill the bench. */
export const isCrowded = (standing: number): boolean => standing > FEW;

/** The scale for so many: a full bench is looked at from a step further back, places side by side. */
export const scaleFor = (standing: number): number => SCALE * (standing > MANY ? 0.52 : isCrowded(standing) ? 0.6 : 1);
