/** Changes to what a keeper says of the surroundings: who lives here, what lies near, how often something comes. */
import { animalIds, usualThreats, type AnimalId } from '../tables/animals';
import { landOf, type Region } from '../tables/regions';
import type { Surroundings } from '../tables/surroundings';
import {
  deterrents,
  nearThings,
  oftenWords,
  type Deterrent,
  type Near,
  type Often,
} from '../tables/visiting';
import type { Place, Setting } from './place';

const withSetting = (place: Place, changed: Partial<Setting>): Place => ({
  ...place,
  setting: { ...place.setting, ...changed },
});

/** In table order, so that lists do not shuffle with every tap; an animal from another region stays. */
export function toggleThreat(place: Place, id: AnimalId): Place {
  const { lives } = place.setting;
  const isThere = lives.includes(id);
  return withSetting(place, {
    lives: animalIds.filter((other) => (other === id ? !isThere : lives.includes(other))),
  });
}

/** Adds what lies near, or takes it back. */
export function toggleNear(place: Place, thing: Near): Place {
  const { near } = place.setting;
  const isThere = near.includes(thing);
  return withSetting(place, {
    near: nearThings.filter((other) => (other === thing ? !isThere : near.includes(other))),
  });
}

/** Adds a deterrent, or takes it back. */
export function toggleDeterrent(place: Place, it: Deterrent): Place {
  const { deterrents: before = [] } = place.setting;
  const after = deterrents.filter((other) =>
    other === it ? !before.includes(it) : before.includes(other),
  );
  const { deterrents: _, ...setting } = place.setting;
  return { ...place, setting: after.length > 0 ? { ...setting, deterrents: after } : setting };
}

/** Accepts the odd loss to an animal, or no longer. */
export function toggleAccepted(place: Place, id: AnimalId): Place {
  const { accepted: before = [], ...setting } = place.setting;
  const after = animalIds.filter((other) =>
    other === id ? !before.includes(id) : before.includes(other),
  );
  return { ...place, setting: after.length > 0 ? { ...setting, accepted: after } : setting };
}

/** Those that live here and are to be kept out: all but what the keeper accepts. */
export function threatsMinded({ setting }: Pick<Place, 'setting'>): readonly AnimalId[] {
  const { lives, accepted = [] } = setting;
  return accepted.length === 0 ? lives : lives.filter((id) => !accepted.includes(id));
}

/** How often an animal comes in the keeper’s own word, where they gave one. */
export function oftenOf({ setting }: Place, animal: AnimalId): Often | undefined {
  return setting.often?.find((it) => it.animal === animal)?.often;
}

/** Sets the keeper's word, or takes it back, so that the tables' stands again. */
export function setOften(place: Place, animal: AnimalId, often: Often | undefined): Place {
  const others = (place.setting.often ?? []).filter((it) => it.animal !== animal);
  return withSetting(place, { often: often ? [...others, { animal, often }] : others });
}

/** The word after this one; after the last of them none, so that the tables' stands. "Never" is said by leaving an animal out. */
export function nextOften(word: Often | undefined): Often | undefined {
  const words = oftenWords.filter((it) => it !== 'never');
  return words[word === undefined ? 0 : words.indexOf(word as 'passes') + 1];
}

/** Elsewhere other animals live: those that are reckoned with begin anew, and what was said of how often they come goes. */
export function setRegion(place: Place, region: Region): Place {
  const before = place.setting;
  if (region === before.region) return place;
  if (landOf[region] === landOf[before.region]) return withLivesOf(place, { ...before, region });
  const { often: _, ...setting } = before;
  const lives = usualThreats(region, setting.where, hasChicks(place));
  return { ...place, setting: { ...setting, region, lives } };
}

/** Other surroundings, other company; what the keeper took out or added stays as they said. */
export function setWhere(place: Place, where: Surroundings): Place {
  return where === place.setting.where ? place : withLivesOf(place, { ...place.setting, where });
}

function withLivesOf(place: Place, setting: Setting): Place {
  const before = usualLives(place, place.setting);
  const own = place.setting.lives;
  const after = usualLives(place, setting).filter((id) => own.includes(id) || !before.includes(id));
  const added = own.filter((id) => !before.includes(id));
  const lives = animalIds.filter((id) => after.includes(id) || added.includes(id));
  return { ...place, setting: { ...setting, lives } };
}

const usualLives = (place: Place, { region, where }: Setting): AnimalId[] =>
  usualThreats(region, where, hasChicks(place));

const hasChicks = ({ flock }: Place): boolean => flock.some(({ kind }) => kind === 'chicks');
