import { HabitSchema, PlantSchema } from '../plants/schema';
import { RoleSchema } from '../plants/traits';
import type { Tag } from '../plants/tag';
import {
  bloom,
  colourCell,
  colours,
  length,
  mmText,
  number,
  oneOf,
  range,
  sayCell,
  starts,
  startSize,
  sunCell,
  winterCell,
} from './cells';
import type { Column, Read } from './column';
import { FACT_COLUMNS } from './fact-columns';

const text =
  (key: 'common' | 'botanical' | 'variety' | 'note' | 'poisonPart', most: number): Read =>
  (t) =>
    t.length > most ? sayCell(`${t.slice(0, 20)}…`, `is longer than ${most} characters`) : { [key]: t };

const choice =
  <K extends keyof Tag>(key: K, options: readonly string[]): Read =>
  (t) => ({ [key]: oneOf(options, t) });

const s = PlantSchema.shape;
const poison = (who: 'people' | 'cats' | 'dogs'): Column => ({
  key: `poison_${who}`,
  label: `Poison, ${who}`,
  aliases: new RegExp(`^(poison|toxic)\\w* ?(to |for )?${who}$`),
  write: (p) => p.poison[who],
  read: (t) => ({ poisonTo: { [who]: oneOf(s.poison.shape[who].options, t) } }),
});

/** Every column of a plant CSV, in the order it is written. Reading takes what people write; writing is exact. */
export const PLANT_COLUMNS: readonly Column[] = [
  {
    key: 'id',
    label: 'Id',
    aliases: /^(id|code|sku)$/,
    read: (t) => ({
      id: s.id.safeParse(t).success ? t : sayCell(t, 'is not a valid id. Use lower-case letters, digits and hyphens'),
    }),
    write: (p) => p.id,
  },
  {
    key: 'common',
    label: 'Common name',
    aliases: /^(common|common name|name|plant|plant name|item)$/,
    read: text('common', 60),
    write: (p) => p.common,
    common: true,
  },
  {
    key: 'botanical',
    label: 'Botanical name',
    aliases: /^(botanical|botanical name|latin|latin name|scientific name|species)$/,
    read: text('botanical', 80),
    write: (p) => p.botanical,
    common: true,
  },
  {
    key: 'variety',
    label: 'Variety',
    aliases: /^(variety|cultivar|form|description)$/,
    read: text('variety', 60),
    write: (p) => p.variety,
    common: true,
  },
  {
    key: 'group',
    label: 'Group',
    aliases: /^(group|category)$/,
    read: choice('group', s.group.options),
    write: (p) => p.group,
  },
  {
    key: 'roles',
    label: 'Roles',
    aliases: /^(role|roles|use)$/,
    read: (t) => ({
      roles: t
        .split(/[;,/ ]+/)
        .filter(Boolean)
        .map((r) => oneOf(RoleSchema.options, r)),
    }),
    write: (p) => p.roles.join('; '),
  },
  {
    key: 'habit',
    label: 'Habit',
    aliases: /^(habit|growth habit|shape)$/,
    read: choice('habit', HabitSchema.options),
    write: (p) => p.habit,
    common: true,
  },
  {
    key: 'height',
    label: 'Height',
    aliases: /^(height|ht|tall)$/,
    read: (t, u) => ({ heightMm: range(t, u) }),
    write: (p) => mmText(p.heightMm),
    common: true,
  },
  {
    key: 'spread',
    label: 'Spread',
    aliases: /^(spread|width|wide)$/,
    read: (t, u) => ({ spreadMm: range(t, u) }),
    write: (p) => mmText(p.spreadMm),
    common: true,
  },
  {
    key: 'trail',
    label: 'Trail',
    aliases: /^(trail|trailing|hangs|drop)$/,
    read: (t, u) => ({ trailMm: range(t, u) }),
    write: (p) => mmText(p.trailMm),
    common: true,
  },
  {
    key: 'vigour',
    label: 'Vigour',
    aliases: /^(vigou?r)$/,
    read: (t) => ({ vigour: number(t, 1, 5, 'vigour') }),
    write: (p) => String(p.vigour),
  },
  {
    key: 'sun',
    label: 'Sun',
    aliases: /^(sun|light|exposure|position|sun hours)$/,
    read: (t) => ({ sunHours: sunCell(t) }),
    write: (p) => `${p.sunHours.join(', ')} h`,
    common: true,
  },
  {
    key: 'scorch',
    label: 'Scorches after hours of afternoon sun',
    aliases: /^(scorch|scorch afternoon)$/,
    read: (t) => ({
      scorchAfternoonH: /^(no|never|none)$/i.test(t.trim()) ? null : number(t, 0, 8, 'number of hours'),
    }),
    write: (p) => (p.scorchAfternoonH === null ? 'never' : String(p.scorchAfternoonH)),
  },
  {
    key: 'water',
    label: 'Water',
    aliases: /^(water|watering|moisture)$/,
    read: (t) => ({
      water: /dry|drought|low/i.test(t)
        ? 'dry'
        : /thirst|wet|high|moist/i.test(t)
          ? 'thirsty'
          : oneOf(s.water.options, t.replace(/medium|average|normal/i, 'moderate')),
    }),
    write: (p) => p.water,
    common: true,
  },
  {
    key: 'feed',
    label: 'Feed',
    aliases: /^(feed|feeding)$/,
    read: choice('feed', s.feed.options),
    write: (p) => p.feed,
  },
  {
    key: 'coldest_winter',
    label: 'Coldest winter',
    aliases: /^(coldest winter|hardy to|hardiness|zone|hardiness zone|min temp|minimum temperature)$/,
    read: (t) => ({ coldestWinterC: winterCell(t) }),
    write: (p) => `${p.coldestWinterC} °C`,
    common: true,
  },
  {
    key: 'coldest_night',
    label: 'Coldest night in growth',
    aliases: /^(coldest night)$/,
    read: (t) => ({ coldestNightC: winterCell(t) }),
    write: (p) => `${p.coldestNightC} °C`,
  },
  ...FACT_COLUMNS,
  {
    key: 'season',
    label: 'Season',
    aliases: /^(season)$/,
    read: choice('season', s.season.options),
    write: (p) => p.season,
  },
  {
    key: 'bloom',
    label: 'Months of bloom',
    aliases: /^(bloom|flowering|bloom time|flowering months|months of bloom|flowers)$/,
    read: (t) => ({ bloom: bloom(t) }),
    write: (p) => p.bloom.join(' '),
    common: true,
  },
  {
    key: 'leaf_size',
    label: 'Leaf size',
    aliases: /^(leaf size)$/,
    read: (t) => ({ leafIs: { size: oneOf(s.leaf.shape.size.options, t) } }),
    write: (p) => p.leaf.size,
  },
  {
    key: 'leaf_length',
    label: 'Leaf length',
    aliases: /^(leaf length)$/,
    read: (t, u) => ({ leafIs: { lengthMm: length(t, u) } }),
    write: (p) => `${p.leaf.lengthMm} mm`,
  },
  {
    key: 'leaf_form',
    label: 'Leaf form',
    aliases: /^(leaf form|leaf shape)$/,
    read: (t) => ({ leafIs: { form: oneOf(s.leaf.shape.form.options, t) } }),
    write: (p) => p.leaf.form,
  },
  {
    key: 'leaf_surface',
    label: 'Leaf surface',
    aliases: /^(leaf surface)$/,
    read: (t) => ({ leafIs: { surface: oneOf(s.leaf.shape.surface.options, t) } }),
    write: (p) => p.leaf.surface,
  },
  {
    key: 'flower_form',
    label: 'Flower form',
    aliases: /^(flower form|flower shape|flower type)$/,
    read: (t) => ({ flowerIs: { form: oneOf(s.flower.shape.form.options, t) } }),
    write: (p) => p.flower.form,
  },
  {
    key: 'flower_size',
    label: 'Flower size',
    aliases: /^(flower size)$/,
    read: (t, u) => ({ flowerIs: { sizeMm: length(t, u) } }),
    write: (p) => `${p.flower.sizeMm} mm`,
  },
  {
    key: 'flower_show',
    label: 'Share of the plant in flower',
    aliases: /^(flower show|show)$/,
    read: (t) => ({ flowerIs: { show: number(t, 0, 0.85, 'share') } }),
    write: (p) => String(p.flower.show),
  },
  {
    key: 'colours',
    label: 'Colours by part',
    aliases: /^(colou?rs)$/,
    read: (t) => ({ colours: colours(t) }),
    write: (p) => p.colours.map((c) => `${c.part} ${c.hex} ${c.share}`).join('; '),
  },
  {
    key: 'flower_colour',
    label: 'Flower colour',
    aliases: /^(flower colou?r|colou?r|bloom colou?r)$/,
    read: (t) => ({ flowerHex: colourCell(t) }),
    common: true,
  },
  {
    key: 'leaf_colour',
    label: 'Leaf colour',
    aliases: /^(leaf colou?r|foliage colou?r|foliage)$/,
    read: (t) => ({ leafHex: colourCell(t) }),
    common: true,
  },
  {
    key: 'starts',
    label: 'Start sizes and prices',
    aliases: /^(starts|sizes)$/,
    read: (t) => ({ starts: starts(t) }),
    write: (p) => p.starts.map((x) => `${x.size} ${x.price}`).join('; '),
  },
  {
    key: 'start',
    label: 'Start size',
    aliases: /^(start|size|pot|pot size|start size)$/,
    read: (t) => ({ start: startSize(t) }),
    common: true,
  },
  {
    key: 'price',
    label: 'Price',
    aliases: /^(price|cost|each|unit price|retail)$/,
    read: (t) => ({ price: number(t.replace(/^[£$€]\s*/, ''), 0.01, 500, 'price') }),
    common: true,
  },
  {
    key: 'deadhead',
    label: 'Deadhead',
    aliases: /^(deadhead|deadheading)$/,
    read: choice('deadhead', s.deadhead.options),
    write: (p) => p.deadhead,
  },
  { key: 'pinch', label: 'Pinch', aliases: /^(pinch)$/, read: choice('pinch', s.pinch.options), write: (p) => p.pinch },
  {
    key: 'edible',
    label: 'Edible',
    aliases: /^(edible)$/,
    read: choice('edible', s.edible.options),
    write: (p) => p.edible,
  },
  poison('people'),
  poison('cats'),
  poison('dogs'),
  {
    key: 'poison_part',
    label: 'Poisonous part',
    aliases: /^(poison part|poisonous part)$/,
    read: text('poisonPart', 60),
    write: (p) => p.poisonPart,
  },
  {
    key: 'irritant_sap',
    label: 'Irritant sap',
    aliases: /^(irritant sap|sap)$/,
    read: choice('irritantSap', s.irritantSap.options),
    write: (p) => p.irritantSap,
  },
  {
    key: 'spread_risk',
    label: 'Risk of spreading',
    aliases: /^(spread risk|invasive)$/,
    read: choice('spreadRisk', s.spreadRisk.options),
    write: (p) => p.spreadRisk,
  },
  {
    key: 'note',
    label: 'Note',
    aliases: /^(note|notes|comment|remarks)$/,
    read: text('note', 160),
    write: (p) => p.note,
  },
];
