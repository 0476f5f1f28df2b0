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

const PRACTICE = 'common practice; the share is our own estimate';

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
      why: { says: `${MATERIALS[like].label}, to match the other containers here.`, source: 'common practice' },
    };
  if (wind === 'windy')
    return {
      material: 'concrete',
      why: {
        says: 'Concrete or stone: heavy enough for a windy spot. Put it in place before you fill it.',
        source: 'common practice',
      },
    };
  if (coldestWinterC < CRACKS_UNDER_C && summer !== 'hot')
    return {
      material: 'fibre',
      why: { says: 'Fibre and resin: frost-proof, and one person can carry it empty.', source: 'common practice' },
    };
  return {
    material: 'glazed',
    why: {
      says: 'Glazed stoneware: holds moisture and is heavy enough to be stable. Buy one sold as frost-proof, or bring it in for winter.',
      source: 'common practice',
    },
  };
}

/**
 * The colour: of the pots there are, where they stand clear of the wall; else the material’s own, else one
 * that does.
 */
function colourFor(material: Material, wall: string, owned: readonly Container[]): { colour: string; why: PotReason } {
  const clear = (hex: string) => Math.abs(lch(hex).l - lch(wall).l);
  const [own] = owned.filter((c) => c.material === material);
  if (own && clear(own.colour) >= STANDS_OUT)
    return {
      colour: own.colour,
      why: { says: 'Same colour as the containers already there.', source: 'common practice' },
    };
  const plain = MATERIALS[material].colour;
  if (clear(plain) >= STANDS_OUT)
    return { colour: plain, why: { says: 'Its natural colour stands out from the wall.', source: 'common practice' } };
  const colour = lch(wall).l > 0.55 ? '#3c4a4c' : '#c9c4b6';
  return {
    colour,
    why: { says: `${lch(wall).l > 0.55 ? 'Dark' : 'Pale'}, to stand out from the wall.`, source: PRACTICE },
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
          says: `${cm(rimOf(shape).wide)} cm wide and ${cm(depthOf(shape))} cm deep: planted, it will be about ${cm(whole)} cm tall, less than half the door.`,
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
          says: `Its ${cm(footOf(shape))} cm base fits a ${cm(place.step.deepMm)} cm tread with ${EDGE_MM / 10} cm to spare. Keep the steps clear, as local rules require.`,
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
          says: `${cm(rimOf(shape).wide)} cm long, leaving ${ENDS_MM / 10} cm of sill at each end. Fix it securely, and have a professional check that the sill can bear it when wet.`,
          source: PRACTICE,
        },
      };
    }
    case 'ground': {
      const shape = byDepth(LEAD_DEPTH);
      return {
        shape,
        why: {
          says: `${cm(rimOf(shape).wide)} cm wide and knee-high: big enough to catch the eye.`,
          source: PRACTICE,
        },
      };
    }
  }
}

/**
 * Pots for the roles of a group at a place: sizes, material and colour, each with its rule. The others step
 * down from the lead’s.
 */
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
