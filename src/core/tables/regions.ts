/** Where in the world a place stands: lands, and the parts of the large ones, as far as the tables tell them apart. */

/** What a keeper names first. */
export const lands = ['gb', 'ie', 'eu', 'na', 'au', 'nz'] as const;
/** One of `lands`. */
export type Land = (typeof lands)[number];

/** A whole land stands for itself where it has no parts, and for a part that nobody has said yet where it has. */
export const regions = [
  'gb',
  'ie',
  'nz',
  'eu',
  'eu-north',
  'eu-west',
  'eu-central',
  'eu-east',
  'eu-south-west',
  'eu-south-east',
  'na',
  'na-north',
  'na-north-east',
  'na-appalachia',
  'na-south-east',
  'na-lakes',
  'na-plains',
  'na-rockies',
  'na-south-west',
  'na-california',
  'na-pacific-north-west',
  'au',
  'au-tropics',
  'au-east',
  'au-south-east',
  'au-south-west',
  'au-tasmania',
] as const;
/** A region, as far as the tables tell them apart. */
export type Region = (typeof regions)[number];

/** The land of each region, itself among them. */
export const landOf: Readonly<Record<Region, Land>> = {
  gb: 'gb',
  ie: 'ie',
  nz: 'nz',
  eu: 'eu',
  'eu-north': 'eu',
  'eu-west': 'eu',
  'eu-central': 'eu',
  'eu-east': 'eu',
  'eu-south-west': 'eu',
  'eu-south-east': 'eu',
  na: 'na',
  'na-north': 'na',
  'na-north-east': 'na',
  'na-appalachia': 'na',
  'na-south-east': 'na',
  'na-lakes': 'na',
  'na-plains': 'na',
  'na-rockies': 'na',
  'na-south-west': 'na',
  'na-california': 'na',
  'na-pacific-north-west': 'na',
  au: 'au',
  'au-tropics': 'au',
  'au-east': 'au',
  'au-south-east': 'au',
  'au-south-west': 'au',
  'au-tasmania': 'au',
};

/** The parts of a land; none for one that is not told apart any further. */
export function partsOf(land: Land): Region[] {
  return regions.filter((region) => region !== land && landOf[region] === land);
}

/** The smallest regions there are of some lands: what an animal that lives all over them lists. */
export function allOf(...some: readonly Land[]): Region[] {
  return some.flatMap((land) => {
    const parts = partsOf(land);
    return parts.length > 0 ? parts : [land];
  });
}

/** Some parts of a land less. */
export function allBut(land: Land, ...left: readonly Region[]): Region[] {
  return allOf(land).filter((region) => !left.includes(region));
}

/** Whether a region has parts of which nobody has said which. */
export function isPartUnknown(region: Region): boolean {
  return landOf[region] === region && partsOf(landOf[region]).length > 0;
}

/** Whether the year runs half a year behind that of the tables. */
export function isSouthern(region: Region): boolean {
  return landOf[region] === 'au' || landOf[region] === 'nz';
}

/** The month of the northern year that has the same season: half a year on, south of the line. */
export function northernMonth(region: Region, month: number): number {
  return isSouthern(region) ? ((month + 5) % 12) + 1 : month;
}
