import { lch } from '../colour/oklch';
import { MATERIALS, type Material } from '../containers/materials';
import { depthOf, rimOf } from '../containers/outline';
import type { Container, Shape } from '../containers/schema';
import { SOLD } from '../containers/sold';
import { CRACKS_UNDER_C } from '../containers/cautions';
import { freshPlanting } from '../plantings/fresh';
import type { Spot } from '../spots/schema';
import { maxBy } from '../units/number';
import { GROUP_ROLES, type GroupRole } from './roles';
import type { Ledge, Opening } from './schema';

/** Why a pot is as it is, and whose rule that is. */
export interface PotReason {
  says: string;
  source: string;
}

/** A pot for a role at a place. */
export interface PotChoice {
  role: GroupRole;
  container: Container;
  why: PotReason[];
}

/** What pots are chosen for: beside a door, on a step, on a sill, or on the open ground. */
export type PotPlace =
  | { on: 'ground' }
  | { on: 'door'; door: Pick<Opening, 'widthMm' | 'heightMm'> }
  | { on: 'step'; step: Pick<Ledge, 'widthMm' | 'deepMm'> }
  | { on: 'sill'; sill: Pick<Ledge, 'widthMm' | 'deepMm'> };

const PRACTICE = 'practice; the share is a working figure';

/** Beside a door pot and planting together stand so high against it: enough to frame it, not so high as to hide it. */
const OF_DOOR = 0.45;
/** Of what stands there the pot is so much, where a tall planting is half as high again as its pot. */
const POT_SHARE = 0.4;
/** The lead’s pot where nothing sets its size, mm deep. Working figure: knee-high. */
const LEAD_DEPTH = 450;
/** A foot keeps so far from the edge of a step, and a box from the end of its sill, mm. Working figures. */
const EDGE_MM = 40;
const ENDS_MM = 50;
/** No wall asks for more difference of lightness than this between it and a pot. Working figure. */
const STANDS_OUT = 0.18;

const rounds = SOLD.round.filter((s) => s.kind === 'round' && s.topMm !== s.baseMm);

const nearest = (shapes: readonly Shape[], depthMm: number): Shape | undefined =>
  maxBy(shapes, (s) => -Math.abs(depthOf(s) - depthMm));

const footOf = (s: Shape): number => (s.kind === 'round' ? s.baseMm : rimOf(s).deep);
const cm = (mm: number): number => Math.round(mm / 10);

/** The material for a place: heavy where it is windy, frost-proof where it freezes hard, thick where it is hot. */
function materialFor(
  { wind, coldestWinterC, summer }: Spot,
  owned: readonly Container[],
): { material: Material; why: PotReason } {
  const like = maxBy([...new Set(owned.map((c) => c.material))], (m) => owned.filter((c) => c.material === m).length);
  const lasts = (m: Material) => MATERIALS[m].frostProof !== 'no';
  if (like && lasts(like) && like !== 'coir')
    return {
      material: like,
      why: { says: `${MATERIALS[like].label}, as the others here: pots of one family.`, source: 'practice' },
    };
  if (wind === 'windy')
    return {
      material: 'concrete',
      why: {
        says: 'Concrete or stone: it stands where the wind blows. Set it down before you fill it.',
        source: 'practice',
      },
    };
  if (coldestWinterC < CRACKS_UNDER_C && summer !== 'hot')
    return {
      material: 'fibre',
      why: { says: 'Fibre and resin: frost does not crack it, and one can carry it empty.', source: 'practice' },
    };
  return {
    material: 'glazed',
    why: {
      says: 'Glazed stoneware: it keeps its water, and is heavy enough. Bring it in, or buy it fired for frost.',
      source: 'practice',
    },
  };
}

/** The colour: of the pots there are, where they stand clear of the wall; else the material’s own, else one that does. */
function colourFor(material: Material, wall: string, owned: readonly Container[]): { colour: string; why: PotReason } {
  const clear = (hex: string) => Math.abs(lch(hex).l - lch(wall).l);
  const [own] = owned.filter((c) => c.material === material);
  if (own && clear(own.colour) >= STANDS_OUT)
    return { colour: own.colour, why: { says: 'In the colour of the pots that stand there.', source: 'practice' } };
  const plain = MATERIALS[material].colour;
  if (clear(plain) >= STANDS_OUT)
    return { colour: plain, why: { says: 'Its own colour stands clear of the wall.', source: 'practice' } };
  const colour = lch(wall).l > 0.55 ? '#3c4a4c' : '#c9c4b6';
  return {
    colour,
    why: { says: `${lch(wall).l > 0.55 ? 'Dark' : 'Pale'}, so that it stands clear of the wall.`, source: PRACTICE },
  };
}

/** The shape of the lead’s pot at a place, and why. */
function leadShape(place: PotPlace): { shape: Shape; why: PotReason } {
  const [fallback] = rounds;
  const byDepth = (depth: number, from = rounds) => nearest(from, depth) ?? (fallback as Shape);
  switch (place.on) {
    case 'door': {
      const whole = place.door.heightMm * OF_DOOR;
      const shape = byDepth(whole * POT_SHARE);
      return {
        shape,
        why: {
          says: `${cm(rimOf(shape).wide)} cm wide and ${cm(depthOf(shape))} cm deep: planted, it comes to about ${cm(whole)} cm, under half the door.`,
          source: PRACTICE,
        },
      };
    }
    case 'step': {
      const fits = rounds.filter((s) => footOf(s) <= place.step.deepMm - EDGE_MM);
      const shape = byDepth(LEAD_DEPTH, fits.length > 0 ? fits : rounds.slice(0, 1));
      return {
        shape,
        why: {
          says: `Its foot of ${cm(footOf(shape))} cm stands on a tread of ${cm(place.step.deepMm)} cm with ${EDGE_MM / 10} cm to the edge. Keep the way up the steps clear, as local rules have it.`,
          source: PRACTICE,
        },
      };
    }
    case 'sill': {
      const fits = SOLD.box.filter(
        (s) => rimOf(s).wide <= place.sill.widthMm - 2 * ENDS_MM && rimOf(s).deep <= place.sill.deepMm + EDGE_MM,
      );
      const shape = maxBy(fits, (s) => rimOf(s).wide) ?? (SOLD.box[0] as Shape);
      return {
        shape,
        why: {
          says: `${cm(rimOf(shape).wide)} cm long, ${ENDS_MM / 10} cm short of the sill at either end. Fix it so that it cannot fall; whether the sill holds it wet is for someone who may judge it.`,
          source: PRACTICE,
        },
      };
    }
    case 'ground': {
      const shape = byDepth(LEAD_DEPTH);
      return {
        shape,
        why: {
          says: `${cm(rimOf(shape).wide)} cm wide and knee-high: it leads without being looked for.`,
          source: PRACTICE,
        },
      };
    }
  }
}

/** Pots for the roles of a group at a place: sizes, material and colour, each with its rule. The others step down from the lead’s. */
export function potsFor(
  place: PotPlace,
  roles: readonly GroupRole[],
  spot: Spot,
  wall: string,
  owned: readonly Container[] = [],
): PotChoice[] {
  const { material, why: ofMaterial } = materialFor(spot, owned);
  const { colour, why: ofColour } = colourFor(material, wall, owned);
  const lead = leadShape(place);
  const plain = freshPlanting('pot', 'Pot', '2026-03-01').container;
  const onSill = place.on === 'sill';
  const room = place.on === 'step' ? place.step.deepMm - EDGE_MM : Infinity;
  return roles.map((role): PotChoice => {
    const { potShare, low, potWhy } = GROUP_ROLES[role];
    const step = depthOf(lead.shape) * potShare;
    const sold = (low ? SOLD.bowl : rounds).filter((s) => footOf(s) <= room);
    const shape =
      onSill || role === 'lead'
        ? lead.shape
        : (nearest(sold.length > 0 ? sold : rounds.slice(0, 1), step) ?? lead.shape);
    return {
      role,
      container: {
        ...plain,
        shape,
        material,
        colour,
        feet: !onSill && material !== 'fibre',
        mount: onSill ? 'sill' : 'ground',
        rimHeightMm: null,
      },
      why: role === 'lead' || onSill ? [lead.why, ofMaterial, ofColour] : [{ says: potWhy, source: PRACTICE }],
    };
  });
}

/** A pot to stand beside another: a step lower, of its material and colour; a low bowl beside a low one. */
export function neighbourPot(of: Container): Pick<PotChoice, 'role' | 'container'> {
  const { potShare } = GROUP_ROLES.company;
  const own = depthOf(of.shape);
  const list = SOLD[of.shape.kind].filter((s) => depthOf(s) < own);
  const shape = nearest(list.length > 0 ? list : [of.shape], own * potShare) ?? of.shape;
  return { role: 'company', container: { ...of, shape, count: 1, reservoirL: 0 } };
}
