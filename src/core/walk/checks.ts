/** What a walk looks at beside the readings: where, of what, and only where it can be. */
import { attributeKey, type FoundPlace } from '../place/apply-readings';
import type { CheckId } from '../place/checks';
import { allBays, itemsOf, type BayInPlace } from '../place/find';
import { outside, type ItemId, type Layer, type Place, type Zone } from '../place/place';
import type { Possible } from '../place/possible';
import { isWithin } from '../place/year-span';
import { animals } from '../tables/animals';
import { meshes } from '../tables/meshes';
import { questionId, type Leg, type Question } from './questions';

/** What heads and the shutting up are recorded under: they belong to no bay. */
export const flockItem = 'flock';

type Of = Partial<Pick<Question, 'bay' | 'opening' | 'band' | 'name'>>;

/** In the order in which they are asked, leg by leg. `day` (YYYY-MM-DD) decides what is off. */
export function checksOf({ place, provenance }: FoundPlace, day: string): Question[] {
  const ask = (leg: Leg, attribute: CheckId, item: ItemId, of: Of = {}): Question => {
    const last = provenance.get(attributeKey(item, attribute))?.reading.value;
    const known = last === undefined || last === 'cannot-tell' ? undefined : (last as Possible);
    const id = questionId(item, attribute);
    return { id, kind: 'check', leg, item, attribute, known, answered: known !== undefined, ...of };
  };
  const distance = ['check.cover', 'check.leaning', 'check.branches', 'check.food', 'check.sign'];
  return [
    ...distance.map((id) => ask('distance', id as CheckId, outside)),
    ...layersOff(place, day).map(({ layer, bay }) =>
      ask('lap', 'check.dressed', layer.id, { bay: bay.id, name: bay.name }),
    ),
    ...latchForces(place, ask),
    ...overhead(place, ask),
    ...(place.fence ? fenceChecks.map((id) => ask('fence', id, place.fence?.id ?? '')) : []),
    ...place.zones.flatMap((zone) => zoneChecks(place, zone, ask)),
    ask('shut', 'check.shut', flockItem),
    ask('shut', 'check.heads', flockItem),
    ask('shut', 'check.shutTook', flockItem),
  ];
}

const fenceChecks: readonly CheckId[] = [
  'check.voltsNear',
  'check.earth',
  'check.battery',
  'check.on',
  'check.signs',
  'check.joined',
];

type Ask = (leg: Leg, attribute: CheckId, item: ItemId, of?: Of) => Question;

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

/** The force a latch takes: only where something lives that opens latches, and where one is. */
function latchForces(place: Place, ask: Ask): Question[] {
  if (!place.setting.lives.some((id) => animals[id].hands.motions.length > 0)) return [];
  return allBays(place).flatMap(({ bay }) =>
    bay.openings.flatMap(({ name, latches }) =>
      latches
        .filter(({ kind }) => 'is' in kind && kind.is !== 'none')
        .map(({ id }) => ask('lap', 'check.force', id, { bay: bay.id, opening: name })),
    ),
  );
}

function overhead(place: Place, ask: Ask): Question[] {
  const houses = place.zones.filter(({ kind }) => kind === 'house');
  const roofed = place.faces
    .filter(({ kind }) => kind === 'roof')
    .flatMap(({ between }) => place.zones.filter((zone) => zone.id === between[1]));
  return [
    ...houses.map((zone) => ask('overhead', 'check.eaves', zone.id, { name: zone.name })),
    ...roofed
      .filter(({ kind }) => kind === 'run')
      .map((zone) => ask('overhead', 'check.load', zone.id, { name: zone.name })),
  ];
}

function zoneChecks(place: Place, zone: Zone, ask: Ask): Question[] {
  const of = { name: zone.name };
  const walls = allBays(place).filter(({ face }) => face.between.includes(zone.id));
  const hasDoor = walls.some(({ bay }) =>
    bay.openings.some(({ kind }) => kind === 'gate' || kind === 'door'),
  );
  const wayOut = hasDoor ? [ask(legOf(zone), 'check.wayOut', zone.id, of)] : [];
  if (zone.kind === 'house') {
    return [
      ask('house', 'check.air', zone.id, of),
      ask('house', 'check.lamp', zone.id, of),
      ...wayOut,
    ];
  }
  if (zone.kind !== 'run') return [];
  const digs = place.setting.lives.some((id) => animals[id].digs !== undefined);
  return [
    ...(zone.moves ? [ask('inside', 'check.square', zone.id, of)] : []),
    ...(digs ? [ask('inside', 'check.dugInside', zone.id, of)] : []),
    ask('inside', 'check.vermin', zone.id, of),
    // Under a whole roof nothing comes from above.
    ...(isSeenFromAbove(walls, zone) ? [ask('inside', 'check.hides', zone.id, of)] : []),
    ...wayOut,
  ];
}

const legOf = ({ kind }: Zone): Leg => (kind === 'run' ? 'inside' : 'house');

function isSeenFromAbove(walls: readonly BayInPlace[], zone: Zone): boolean {
  const roof = walls.filter(({ face }) => face.kind === 'roof' && face.between[1] === zone.id);
  const isSolid = ({ bay }: BayInPlace) =>
    bay.bands.some(({ layers }) =>
      layers.some(
        ({ mesh }) => 'is' in mesh && mesh.is !== 'none' && meshes[mesh.is].kind === 'solid',
      ),
    );
  return roof.length === 0 || !roof.every(isSolid);
}
