/**
 * What shops sell, in which sizes, and what it costs until the keeper writes in what theirs asks. Sizes are those usual on either
 * side of the Atlantic (common practice, recalled from memory); sums are round ones of ours.
 */
import { byTag, constant, named, object, optional, whole, type TypeOf } from '../../schema/schema';
import { landOf, type Region } from '../../tables/regions';
import { ours } from '../../tables/assumptions';
import type { Figure } from '../../tables/figure';
import type { Material } from '../catalogue';
import { prices } from '../catalogue/prices';
import { long } from '../cutting/cutting';

/** In a pack there are never more (assumption of ours). */
const largestPack = 1_000_000;

/** A size in which a material is sold. */
export const soldSizeSchema = named(
  'soldSize',
  byTag('form', {
    /** A roll or a sheet: cut across, then along. */
    sheet: object({ form: constant('sheet'), length: long, width: long }),
    /** A board or batten: cut to length. */
    bar: object({ form: constant('bar'), length: long }),
    /** Wire: so much is on it. */
    coil: object({ form: constant('coil'), length: long }),
    pack: object({ form: constant('pack'), count: whole(1, largestPack) }),
    /** Laid one after the other, and side by side where it is wide enough. */
    slab: object({ form: constant('slab'), length: long, width: optional(long) }),
  }),
);
/** A size in which something is sold; mm, or a number of pieces. */
export type SoldSize = TypeOf<typeof soldSizeSchema>;

/** A material in a size, at a price. */
export interface Sold {
  readonly id: string;
  readonly material: Material;
  readonly size: SoldSize;
  readonly cents: number;
  /** The day the keeper saw that price, YYYY-MM-DD; absent: a round sum of ours. */
  readonly seen?: string;
}

/** What a small size costs more for as much of it. */
export const smallSizeFactors: readonly [smallest: Figure, next: Figure] = [
  ours(1.25, 'share', 'The smallest size on sale costs a quarter more for as much of it.'),
  ours(1.1, 'share', 'The next one costs a tenth more.'),
];

const feet = (count: number): number => Math.round(count * 304.8);
const inches = (count: number): number => Math.round(count * 25.4);

type Sizes = Readonly<Record<'metric' | 'imperial', readonly SoldSize[]>>;

const alike = (...sizes: SoldSize[]): Sizes => ({ metric: sizes, imperial: sizes });
const packs = (...counts: number[]): Sizes =>
  alike(...counts.map((count): SoldSize => ({ form: 'pack', count })));
const bars = (metric: readonly number[], imperialFeet: readonly number[]): Sizes => ({
  metric: metric.map((length) => ({ form: 'bar', length })),
  imperial: imperialFeet.map((count) => ({ form: 'bar', length: feet(count) })),
});

/** Widths 600 to 1,200 mm by 5, 10 and 25 m; 24 to 48 in by 10, 25 and 50 ft. The smallest first. */
const rolls: Sizes = {
  metric: [
    [600, 5],
    [900, 5],
    [600, 10],
    [900, 10],
    [900, 25],
    [1200, 25],
  ].map(([width = 0, metres = 0]) => ({ form: 'sheet', width, length: metres * 1000 })),
  imperial: [
    [24, 10],
    [36, 10],
    [24, 25],
    [36, 25],
    [36, 50],
    [48, 50],
  ].map(([width = 0, long = 0]) => ({ form: 'sheet', width: inches(width), length: feet(long) })),
};

const nets = alike(
  { form: 'sheet', width: 2000, length: 5000 },
  { form: 'sheet', width: 4000, length: 5000 },
  { form: 'sheet', width: 4000, length: 10_000 },
);

const sheets: Sizes = {
  metric: [
    { form: 'sheet', width: 610, length: 1220 },
    { form: 'sheet', width: 1220, length: 2440 },
  ],
  imperial: [
    { form: 'sheet', width: inches(24), length: inches(48) },
    { form: 'sheet', width: inches(48), length: inches(96) },
  ],
};

/** The rest is sold one at a time. */
const sizesOf: Readonly<Partial<Record<Material, Sizes>>> = {
  'welded-6': rolls,
  'welded-13': rolls,
  'welded-25': rolls,
  'welded-25x50': rolls,
  'deer-netting': nets,
  'solid-board': sheets,
  board: bars([1800, 2400, 3600, 4800], [6, 8, 12, 16]),
  batten: bars([1800, 2400, 3600, 4800], [6, 8, 12, 16]),
  channel: bars([2000], [8]),
  'fence-wire': alike({ form: 'coil', length: 50_000 }, { form: 'coil', length: 200_000 }),
  screws: packs(25, 100, 200),
  washers: packs(25, 100),
  ties: packs(20, 100),
  insulators: packs(5, 25),
  slabs: {
    metric: [{ form: 'slab', length: 450, width: 450 }],
    imperial: [{ form: 'slab', length: inches(18), width: inches(18) }],
  },
  kerb: {
    metric: [{ form: 'slab', length: 915 }],
    imperial: [{ form: 'slab', length: inches(36) }],
  },
};

/** Round sums for every size of a material on sale in the region. */
export function soldByDefault(material: Material, region: Region): Sold[] {
  const sizes = (sizesOf[material] ?? packs(1))[landOf[region] === 'na' ? 'imperial' : 'metric'];
  return sizes.map((size, at) => {
    const toLargest = sizes.length - 1 - at;
    const steps = sizes.length > 3 ? Math.floor(toLargest / 2) : toLargest;
    const factor = steps === 0 ? 1 : (smallSizeFactors[Math.max(0, 2 - steps)]?.value ?? 1);
    return {
      id: `${material} ${sizeId(size)}`,
      material,
      size,
      cents: Math.ceil(quantityOf(size) * unitCents(material, size) * factor - 1e-6),
    };
  });
}

/** "600x5000", "2400", "100". */
export function sizeId(size: SoldSize): string {
  if (size.form === 'pack') return String(size.count);
  return 'width' in size ? `${size.width}x${size.length}` : String(size.length);
}

function unitCents(material: Material, size: SoldSize): number {
  const { by, cents } = prices[material];
  // A price by the metre or square metre is for as much of it.
  return size.form === 'pack' && by !== 'piece' ? 0 : cents.value;
}

/** In what its material is reckoned by: square metres, metres, pieces. */
export function quantityOf(size: SoldSize): number {
  if (size.form === 'pack') return size.count;
  const metres = size.length / 1000;
  if ('width' in size && size.width !== undefined) return (metres * size.width) / 1000;
  return metres;
}
