import { z } from 'zod';
import { HexSchema } from '../plants/schema';
import { MaterialSchema } from './materials';
import { areaOf } from './shapes/outlines';

const sizeMm = z.number().min(60, 'must be 60 mm or more').max(2000, 'must be 2000 mm or less');

const wide = (least: number) =>
  z.number().min(least, `must be ${least} mm or more`).max(3000, 'must be 3000 mm or less');
const wider = { message: 'must be at most 1.5 times as wide as the top', path: ['baseMm'] };

/** Inside measurements of a round pot with straight, perhaps sloping, sides. */
const RoundSchema = z
  .object({ kind: z.literal('round'), topMm: sizeMm, baseMm: sizeMm, depthMm: sizeMm })
  .strict()
  .refine((s) => s.baseMm <= s.topMm * 1.5, wider);

const SquareSchema = z
  .object({ kind: z.literal('square'), topMm: sizeMm, baseMm: sizeMm, depthMm: sizeMm })
  .strict()
  .refine((s) => s.baseMm <= s.topMm * 1.5, wider);

/** A window box, rail box or trough. Length runs left to right, width from front to back. */
const BoxSchema = z
  .object({
    kind: z.literal('box'),
    lengthMm: wide(150),
    widthMm: wide(80),
    baseLengthMm: wide(100),
    baseWidthMm: wide(60),
    depthMm: sizeMm,
  })
  .strict();

const BowlSchema = z.object({ kind: z.literal('bowl'), topMm: sizeMm, depthMm: sizeMm }).strict();
const BasketSchema = z.object({ kind: z.literal('basket'), topMm: sizeMm, depthMm: sizeMm }).strict();

/** A half-round basket on a wall: width along it, projection out from it. */
const WallBasketSchema = z
  .object({ kind: z.literal('wall-basket'), widthMm: wide(150), projectionMm: wide(80), depthMm: sizeMm })
  .strict();

/** An oval tub; the base is this share of the rim in both directions. */
const OvalSchema = z
  .object({
    kind: z.literal('oval'),
    lengthMm: wide(150),
    widthMm: wide(100),
    baseShare: z.number().min(0.4).max(1.2),
    depthMm: sizeMm,
  })
  .strict();

const corner = z.tuple([z.number().min(-2000).max(2000), z.number().min(-2000).max(2000)]);

/** As small a top as the smallest square pot has. */
const LEAST_TOP_MM2 = 60 * 60;

/** Any outline by its corners in order (x to the right, y toward the viewer, mm) with one mean depth. */
const FreeSchema = z
  .object({
    kind: z.literal('free'),
    corners: z.array(corner).min(3, 'needs three corners or more').max(24, 'must have at most 24 corners'),
    depthMm: sizeMm,
  })
  .strict()
  .refine(({ corners }) => areaOf(corners.map(([x, y]) => ({ x, y }))) >= LEAST_TOP_MM2, {
    message: 'must enclose at least 36 cm²: move the corners apart, keeping their order round the rim',
    path: ['corners'],
  });

export const ShapeSchema = z.discriminatedUnion('kind', [
  RoundSchema,
  SquareSchema,
  BoxSchema,
  BowlSchema,
  BasketSchema,
  WallBasketSchema,
  OvalSchema,
  FreeSchema,
]);
export type Shape = z.infer<typeof ShapeSchema>;
type Of<K extends Shape['kind']> = Extract<Shape, { kind: K }>;
export type Round = Of<'round'>;
export type Square = Of<'square'>;
export type Box = Of<'box'>;
export type Bowl = Of<'bowl'> | Of<'basket'>;
export type WallBasket = Of<'wall-basket'>;
export type Oval = Of<'oval'>;
export type Free = Of<'free'>;

/** Where it is kept up: on the ground, a sill, a rail, from a hook, or on brackets against a wall. */
export const MountSchema = z.enum(['ground', 'sill', 'rail', 'hook', 'wall']);
export type Mount = z.infer<typeof MountSchema>;

export const ContainerSchema = z
  .object({
    shape: ShapeSchema,
    material: MaterialSchema,
    colour: HexSchema,
    drains: z.boolean(),
    /** Stands on feet, so that it drains and air passes under it. */
    feet: z.boolean().default(false),
    /** The tray of a barrow, with its wheel, legs and handles. */
    wheels: z.boolean().default(false),
    /** How many the same. */
    count: z.number().int().min(1).max(500),
    mount: MountSchema.default('ground'),
    /** Rim above the ground, mm: hook, bracket or sill height less what hangs. */
    rimHeightMm: z.number().min(0).max(6000).nullable().default(null),
    /** A lining of film, coir or moss between wall and mix. */
    liner: z.boolean().default(false),
    /** Water held under the mix, litres. */
    reservoirL: z.number().min(0).max(60).default(0),
    /** What lies over the holes. */
    base: z.enum(['mesh', 'crocks']).default('mesh'),
    /** What the container held before: decides how much mix is renewed. */
    refill: z.enum(['all', 'top third', 'top up']).default('all'),
  })
  .strict();
export type Container = z.infer<typeof ContainerSchema>;
