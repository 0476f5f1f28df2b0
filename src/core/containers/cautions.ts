import { formatTemperature, formatMass } from '../units/quantity';
import type { UnitSystem } from '../units/length';
import { loadOf, plantedMass } from './index';
import { MATERIALS } from './materials';
import type { Container } from './schema';

/** What is said beside a container, and how grave it is. */
export interface Caution {
  id: 'holes' | 'load' | 'lift' | 'frost' | 'timber' | 'crocks' | 'overflow' | 'mesh';
  severity: 'good' | 'watch' | 'wrong';
  text: string;
}

/**
 * One person lifts no more than this without help. Usual workplace guidance is 25 kg at best; heavier needs
 * two or a trolley.
 */
export const LIFT_KG = 25;
/** Winters milder than this seldom crack a pot, °C. Working figure: a night or two of light frost. */
export const CRACKS_UNDER_C = -3;

/** Who and what a container stands among. */
interface Around {
  coldestWinterC: number;
  walkway: boolean;
}

/** What hangs or stands up, and whose word it is whether that holds. */
function loadCaution(c: Container, ballsL: number, { walkway }: Around, units: UnitSystem): Caution[] {
  const load = loadOf(c, ballsL);
  if (!load) return [];
  const on = load.on === 'hook' ? 'the hook' : `each ${load.on.replace('each ', '')}`;
  const holds =
    'Check the maker’s rating, local rules and, if in doubt, a structural engineer. Rillbank cannot tell you it is safe.';
  const under = walkway ? ' People walk underneath: hang it above head height and secure anything loose.' : '';
  const text = `${formatMass(load.kg, units)} on ${on} when just watered, before wind. ${holds}${under}`;
  return [{ id: 'load', severity: 'watch', text }];
}

function liftCaution(c: Container, ballsL: number, units: UnitSystem): Caution[] {
  const { totalKg } = plantedMass(c, ballsL, 'soaked');
  if (c.mount !== 'ground' || totalKg <= LIFT_KG) return [];
  const roof = 'On a balcony or roof, ask a structural engineer. Rillbank cannot tell you it is safe.';
  const text = `At ${formatMass(totalKg, units)} when watered, it is too heavy for one person. Fill it in its final position. ${roof}`;
  return [{ id: 'lift', severity: 'watch', text }];
}

function frostCaution(c: Container, { coldestWinterC }: Around, units: UnitSystem): Caution[] {
  const { label, frostProof } = MATERIALS[c.material];
  if (frostProof === 'yes' || coldestWinterC >= CRACKS_UNDER_C) return [];
  const unless = frostProof === 'no' ? '' : ' unless sold as frost-proof';
  const cold = formatTemperature(coldestWinterC, units);
  const text = `${label} can crack in frost${unless}; winters here reach ${cold}. Raise it on pot feet or bring it under cover.`;
  return [{ id: 'frost', severity: 'watch', text }];
}

/** What a gardener is told beside a container: drainage, load, lifting, frost, timber and what lies over the holes. */
export function cautionsFor(c: Container, ballsL: number, around: Around, units: UnitSystem = 'metric'): Caution[] {
  const out: Caution[] = [];
  const say = (id: Caution['id'], severity: Caution['severity'], text: string) => out.push({ id, severity, text });
  if (!c.drains)
    say(
      'holes',
      'wrong',
      'No drainage holes: roots will rot. Drill the base before you plant, and wear eye protection.',
    );
  out.push(...loadCaution(c, ballsL, around, units));
  if (c.base === 'crocks')
    say(
      'crocks',
      'watch',
      'Crocks keep the mix above them wetter and take up root space. Mesh alone keeps the mix in.',
    );
  if (c.material === 'timber' && !c.liner)
    say('timber', 'watch', 'Bare timber rots from the inside. Line it with film, pierced over the drainage holes.');
  if (c.reservoirL > 0 && c.drains) say('overflow', 'good', 'Drill the holes above the reservoir, as an overflow.');
  out.push(...liftCaution(c, ballsL, units), ...frostCaution(c, around, units));
  if (c.base === 'mesh')
    say(
      'mesh',
      'good',
      'Use mesh over the holes, not crocks: a coarse layer keeps the mix above it wetter and takes up root space.',
    );
  return out;
}
