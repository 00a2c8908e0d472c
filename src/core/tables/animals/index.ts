/** All animals, kin beside kin: the order in which lists show them. */
import { landOf, partsOf, type Region } from '../regions';
import type { Surroundings } from '../surroundings';
import type { Animal, AnimalId } from './animal';
import { americanBadger } from './american-badger';
import { americanMink } from './american-mink';
import { baldEagle } from './bald-eagle';
import { blackBear } from './black-bear';
import { bobcat } from './bobcat';
import { carpetPython } from './carpet-python';
import { coopersHawk } from './coopers-hawk';
import { cougar } from './cougar';
import { coyote } from './coyote';
import { crow } from './crow';
import { domesticCat } from './domestic-cat';
import { domesticDog } from './domestic-dog';
import { europeanBadger } from './european-badger';
import { fisher } from './fisher';
import { goanna } from './goanna';
import { goshawk } from './goshawk';
import { greatHornedOwl } from './great-horned-owl';
import { greyFox } from './grey-fox';
import { houseMouse } from './house-mouse';
import { leastWeasel } from './least-weasel';
import { longTailedWeasel } from './long-tailed-weasel';
import { norwayRat } from './norway-rat';
import { pineMarten } from './pine-marten';
import { polecat } from './polecat';
import { quoll } from './quoll';
import { raccoon } from './raccoon';
import { ratSnake } from './rat-snake';
import { redFox } from './red-fox';
import { redTailedHawk } from './red-tailed-hawk';
import { roofRat } from './roof-rat';
import { stoat } from './stoat';
import { stoneMarten } from './stone-marten';
import { stripedSkunk } from './striped-skunk';
import { virginiaOpossum } from './virginia-opossum';

export type { Animal, AnimalId, Concerns, Dexterity, Hours } from './animal';

/** Every animal by its id. */
export const animals: Readonly<Record<AnimalId, Animal>> = {
  'red-fox': redFox,
  'grey-fox': greyFox,
  coyote: coyote,
  'domestic-dog': domesticDog,
  'european-badger': europeanBadger,
  'american-badger': americanBadger,
  raccoon: raccoon,
  'virginia-opossum': virginiaOpossum,
  'striped-skunk': stripedSkunk,
  bobcat: bobcat,
  cougar: cougar,
  'black-bear': blackBear,
  'american-mink': americanMink,
  polecat: polecat,
  'pine-marten': pineMarten,
  'stone-marten': stoneMarten,
  fisher: fisher,
  stoat: stoat,
  'long-tailed-weasel': longTailedWeasel,
  'least-weasel': leastWeasel,
  quoll: quoll,
  'norway-rat': norwayRat,
  'roof-rat': roofRat,
  'house-mouse': houseMouse,
  'domestic-cat': domesticCat,
  goshawk: goshawk,
  'coopers-hawk': coopersHawk,
  'red-tailed-hawk': redTailedHawk,
  'great-horned-owl': greatHornedOwl,
  'bald-eagle': baldEagle,
  crow: crow,
  'rat-snake': ratSnake,
  'carpet-python': carpetPython,
  goanna: goanna,
};

/** Ids of all animals, in the tables’ order. */
export const animalIds = Object.keys(animals) as readonly AnimalId[];

/** The animals of a region, as the tables have it: all over it, or here and there. A land whose part is not said has those of all its parts. */
export function animalsOf(region: Region): AnimalId[] {
  const parts = smallest(region);
  return animalIds.filter((id) => {
    const { regions, localIn = [] } = animals[id];
    return parts.some((part) => regions.includes(part) || localIn.includes(part));
  });
}

function smallest(region: Region): readonly Region[] {
  const parts = landOf[region] === region ? partsOf(landOf[region]) : [];
  return parts.length > 0 ? parts : [region];
}

/**
 * Those a keeper of such birds reckons with to begin with: what is met with all over the region and lives in such surroundings. The
 * place says which of them never come, and which others do.
 */
export function usualThreats(
  region: Region,
  where: Surroundings | undefined,
  withChicks: boolean,
): AnimalId[] {
  const parts = smallest(region);
  return animalIds.filter((id) => {
    const { concerns, regions, foundIn } = animals[id];
    if (!parts.some((part) => regions.includes(part))) return false;
    if (where !== undefined && foundIn[where] === undefined) return false;
    return concerns === 'any-flock' || (concerns === 'chicks' && withChicks);
  });
}
