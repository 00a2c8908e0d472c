/** All animals, in the order in which lists show them. */
import { americanMink } from './american-mink';
import type { Animal, AnimalId, Region } from './animal';
import { domesticCat } from './domestic-cat';
import { europeanBadger } from './european-badger';
import { goshawk } from './goshawk';
import { norwayRat } from './norway-rat';
import { raccoon } from './raccoon';
import { redFox } from './red-fox';
import { stoat } from './stoat';

export type { Animal, AnimalId, Climbing, Closure, Hands, Hours, Region } from './animal';

export const animals: Readonly<Record<AnimalId, Animal>> = {
  'red-fox': redFox,
  'european-badger': europeanBadger,
  raccoon,
  'american-mink': americanMink,
  stoat,
  'norway-rat': norwayRat,
  'domestic-cat': domesticCat,
  goshawk,
};

export const animalIds = Object.keys(animals) as readonly AnimalId[];

/** The animals of a region, as the tables have it. */
export function animalsOf(region: Region): AnimalId[] {
  return animalIds.filter((id) => animals[id].regions.includes(region));
}
