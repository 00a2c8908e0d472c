/** What a walk looks at beside the readings that are judged: where, of what, and only where it can be, as the attributes say. */
import { attributesOf } from '../attributes';
import {
  walkSections,
  type Circumstances,
  type ItemKind,
  type Items,
  type WalkSection,
} from '../attributes/attribute';
import { allBays, itemsOf, type BayInPlace } from '../place/find';
import { outside, type ItemId, type Layer, type Place, type Zone } from '../place/place';
import type { Possible } from '../place/possible';
import { isWithin } from '../place/year-span';
import { attributeKey, type FoundPlace } from '../records/apply-readings';
import { meshes } from '../tables/meshes';
import { whatMatters } from './matters';
import { questionId, type Question } from './questions';

/** What heads and the shutting up are recorded under: they belong to no bay. */
export const flockItem = 'flock';

type Of = Partial<Pick<Question, 'bay' | 'opening' | 'name'>>;

/** In the order in which they are asked, section by section. `day` (YYYY-MM-DD) decides what is off. */
export function checksOf({ place, provenance }: FoundPlace, day: string): Question[] {
  const { matters } = whatMatters(place);
  const ask = <K extends ItemKind>(
    kind: K,
    item: Items[K],
    id: ItemId,
    of: Of = {},
    at: Omit<Circumstances, 'matters' | 'day'> = {},
  ): Question[] => {
    const here = { ...at, matters, day };
    return attributesOf(kind)
      .filter(({ isJudged, asked }) => !isJudged && asked.when(item, here))
      .flatMap((attribute) => {
        const section = attribute.asked.section?.(item, here);
        const last = provenance.get(attributeKey(id, attribute.id))?.reading.value;
        const known: Possible | undefined = last === 'cannot-tell' ? undefined : last;
        const question = { id: questionId(id, attribute.id), item: id, attribute: attribute.id };
        return section
          ? [{ ...question, section, known, answered: known !== undefined, ...of }]
          : [];
      });
  };
  const { fence } = place;
  const all = [
    ...ask('place', place, outside),
    ...layersOff(place, day).flatMap(({ layer, bay }) =>
      ask('layer', layer, layer.id, { bay: bay.id, name: bay.name }),
    ),
    ...latchesOf(place).flatMap(({ bay, latch, opening }) =>
      ask('latch', latch, latch.id, { bay: bay.id, opening: opening.name }),
    ),
    ...(fence ? ask('fence', fence, fence.id) : []),
    // Houses first: overhead their eaves are reached from the ground.
    ...[...place.zones]
      .sort((a, b) => Number(b.kind === 'house') - Number(a.kind === 'house'))
      .flatMap((zone) => ask('zone', zone, zone.id, { name: zone.name }, zoneAt(place, zone))),
    ...ask('flock', place, flockItem),
  ];
  const rank = (section: WalkSection): number => walkSections.indexOf(section);
  return all.sort((a, b) => rank(a.section) - rank(b.section));
}

/** Seasonal cover that is off today: whether it has come off. */
export function layersOff(
  place: Place,
  day: string,
): { readonly layer: Layer; readonly bay: BayInPlace['bay'] }[] {
  return allBays(place).flatMap(({ bay }) =>
    itemsOf(bay).flatMap((item) =>
      item.kind === 'layer' && item.layer.on && !isWithin(item.layer.on, day)
        ? [{ layer: item.layer, bay }]
        : [],
    ),
  );
}

function latchesOf(place: Place) {
  return allBays(place).flatMap(({ bay }) =>
    itemsOf(bay).flatMap((item) => (item.kind === 'latch' ? [item] : [])),
  );
}

function zoneAt(place: Place, zone: Zone): Pick<Circumstances, 'zone'> {
  const walls = allBays(place).filter(({ face }) => face.between.includes(zone.id));
  const roof = walls.filter(({ face }) => face.kind === 'roof' && face.between[1] === zone.id);
  return {
    zone: {
      isRoofed: roof.length > 0,
      isSeenFromAbove: roof.length === 0 || !roof.every(isSolid),
      hasDoor: walls.some(({ bay }) =>
        bay.openings.some(({ kind }) => kind === 'gate' || kind === 'door'),
      ),
    },
  };
}

const isSolid = ({ bay }: BayInPlace): boolean =>
  bay.bands.some(({ layers }) =>
    layers.some(
      ({ mesh }) => 'is' in mesh && mesh.is !== 'none' && meshes[mesh.is].kind === 'solid',
    ),
  );
