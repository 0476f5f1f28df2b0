import type { CheckId } from '../../balance';
import type { Severity } from '../../balance/severity';
import { freshPlanting, newPlacement } from '../../plantings/fresh';
import { type Planting, PlantingSchema } from '../../plantings/schema';
import { StartSizeSchema } from '../../plants/starts';
import { RoleSchema } from '../../plants/traits';
import type { Container } from '../../containers/schema';
import type { Spot } from '../../spots/schema';

type Light = Spot['light'];
/** The sun clock under an open sky needs no skyline said. */
type SaidLight = Exclude<Light, { kind: 'clock' }> | Omit<Extract<Light, { kind: 'clock' }>, 'skyline'> | Light;

/** A planting told in plain words: what differs from an ordinary pot on an ordinary terrace, and who stands where. */
export interface Scenario {
  id: string;
  /** What it is, as a gardener would say it. */
  told: string;
  container: Partial<Container> & Pick<Container, 'shape' | 'material' | 'colour'>;
  spot: Omit<Partial<Spot>, 'light'> & { light?: SaidLight };
  brief: Partial<Planting['brief']>;
  startDate: string;
  /** “pelargonium-scarlet filler p9: x,y x,y”, mm from the middle. */
  plants: readonly string[];
}

/** A planting with one mistake: the check that must tell it, of whom, and by whose side it falls short. */
export interface Fault
  extends Partial<Omit<Scenario, 'id' | 'told' | 'plants'>>, Pick<Scenario, 'id' | 'told' | 'plants'> {
  fault: {
    check: CheckId;
    severity: Severity;
    culprit: string;
    twin?: string;
    /** The most it may score, where it has no twin. */
    most?: number;
    /** What may speak up for the same cause. */
    mayAlso?: readonly string[];
  };
}

/** A fault as a planting of its own: what it does not say is as its twin has it. Throws where it says too little. */
export function wholeOf(fault: Fault, praised: readonly Scenario[]): Scenario {
  const twin = praised.find((s) => s.id === fault.fault.twin);
  const { container = twin?.container, spot = twin?.spot, startDate = twin?.startDate } = fault;
  if (!container || !spot || !startDate) throw new Error(`${fault.id} says too little, and has no twin.`);
  return { ...fault, container, spot, startDate, brief: { ...twin?.brief, ...fault.brief } };
}

const OPEN_SKY = { skyline: Array<number>(36).fill(0) };

/** An ordinary terrace: seven hours of sun, seen all round, in the open. */
const TERRACE: Partial<Spot> = {
  name: 'Terrace',
  light: { kind: 'noted', hours: [9, 10, 11, 12, 13, 14, 15], dappled: false },
  summer: 'warm',
  wind: 'open',
  seen: 'all-round',
  backdrop: '#d9ddd2',
  backdropBuild: 'render',
  backdropBloom: null,
  coldestWinterC: -10,
  lastFrost: '05-04',
  firstFrost: '10-20',
};

/** The planting of a scenario; throws when it is none. */
export function plantingOf({ id, told, container, spot, brief, startDate, plants }: Scenario): Planting {
  const fresh = freshPlanting(id, told, startDate);
  const light = { ...fresh.spot, ...TERRACE, ...spot }.light;
  const placements = plants
    .flatMap((row) => {
      const [head = '', at = ''] = row.split(': ');
      const [plant = '', role, start] = head.split(' ');
      return at.split(' ').map((xy) => {
        const [xMm = 0, yMm = 0] = xy.split(',').map(Number);
        return { plant, role: RoleSchema.parse(role), start: StartSizeSchema.parse(start), xMm, yMm };
      });
    })
    .map((p, i) => newPlacement(`p${i + 1}`, p));
  return PlantingSchema.parse({
    ...fresh,
    id,
    name: told.slice(0, 80),
    startDate,
    container: { ...fresh.container, ...container },
    spot: { ...fresh.spot, ...TERRACE, ...spot, light: { ...(light.kind === 'clock' ? OPEN_SKY : {}), ...light } },
    brief: { ...fresh.brief, budget: null, ...brief },
    placements,
    nextId: placements.length + 1,
  });
}
