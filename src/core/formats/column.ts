import type { Plant } from '../plants/schema';
import type { FactsSaid } from '../plants/traits';
import type { Tag } from '../plants/tag';
import type { UnitSystem } from '../units/length';

/** What one cell says of a plant: fields of its tag, or a part of one. */
export interface Cell extends Partial<Tag> {
  id?: string;
  leafIs?: Partial<Plant['leaf']>;
  flowerIs?: Partial<Plant['flower']>;
  poisonTo?: Partial<Plant['poison']>;
  factsAre?: FactsSaid;
  start?: Plant['starts'][number]['size'];
  price?: number;
}

/** Reads a cell; throws CellError with what to write instead. */
export type Read = (text: string, units: UnitSystem) => Cell;

export interface Column {
  key: string;
  label: string;
  /** Headings that mean this column, without marks or units. */
  aliases: RegExp;
  read: Read;
  /** The cell for a plant; missing for columns that are only read. */
  write?: (p: Plant) => string;
  /** Asked for on the mapping screen from the start; the rest fold away. */
  common?: boolean;
}
