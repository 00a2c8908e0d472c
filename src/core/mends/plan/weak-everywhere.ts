/** Every weak spot of a place in all of a year's circumstances: in bays, over whole zones, along the electric line. */
import { isCovered, isOnFoot } from '../../effort/strand';
import { isFallenShut, type PartEffort } from '../../effort/reason';
import { levelMinutes } from '../../effort/effort-level';
import { allBays } from '../../place/find';
import { lineBays } from '../../place/line-bays';
import type { SpotKind } from '../../place/spot';
import type { Bay, Place } from '../../place/place';
import { threatsMinded } from '../../place/setting';
import { hasWire } from '../../place/strand-there';
import { bayWays } from '../../routes/bay-ways';
import { animals, type AnimalId } from '../../tables/animals';
import { firstLineSpot } from '../added-line';
import { lineWants } from '../line-wants';
import { isBirdsWay } from '../birds-way';
import { spotOf, weakSpot } from '../spots';
import type { WeakSpot } from '../weak-spot';
import { wallsFor, weakZone } from '../weak-zone';
import type { Case } from './cases';

/** Birds are never shut in or out by a mend against doors that stand open by day. */
function isForBirds(place: Place, bay: Bay, { reason, item }: PartEffort): boolean {
  if (reason.kind !== 'stands-open') return false;
  if (reason.doors !== 'by-day' && reason.doors !== 'ranging') return false;
  const door = bay.openings.find(({ id }) => id === item);
  return door === undefined || isBirdsWay(place, door);
}

/** Every weak spot of a place in any of the cases, bays first, then whole zones. */
export function weakEverywhere(place: Place, cases: readonly Case[]): WeakSpot[] {
  const inBays = allBays(place).flatMap(({ bay }) => weakIn(place, bay, cases));
  return [...inBays, ...zonesOf(place, inBays), ...linesOf(place, inBays)];
}

function weakIn(place: Place, bay: Bay, cases: readonly Case[]): WeakSpot[] {
  const spots = new Map<string, { spot: WeakSpot['spot']; parts: Map<string, PartEffort> }>();
  for (const id of threatsMinded(place)) {
    for (const { when } of cases) {
      for (const part of partsOf(bay, id, when)) {
        // An opening that is too wide is closed, however slow it is to pass.
        const isSlow = (part.minutes ?? 0) >= levelMinutes.night && part.reason.kind !== 'opening';
        if (isSlow || isForBirds(place, bay, part)) continue;
        const spot = spotOf(place, part);
        const key = `${spot.kind} ${spot.item}`;
        const own = spots.get(key) ?? { spot, parts: new Map<string, PartEffort>() };
        spots.set(key, own);
        own.parts.set(keyOf(part), part);
      }
    }
  }
  return [...spots.values()].map(({ spot, parts }) =>
    weakSpot(place, bay, spot, [...parts.values()]),
  );
}

function partsOf(bay: Bay, id: AnimalId, when: Case['when']): PartEffort[] {
  const { through, reach } = bayWays(bay, animals[id], 'best', when);
  return [through, reach].flatMap((way) => (way ? [way.by, ...way.also] : []));
}

function keyOf({ animal, item, attribute, attack, reason }: PartEffort): string {
  const doors = reason.kind === 'stands-open' ? reason.doors : '';
  return `${animal} ${item} ${attribute ?? ''} ${attack} ${doors} ${isFallenShut(reason)}`;
}

/** Kinds of spots that may be put right for a whole zone at once. */
const wideKinds: readonly SpotKind[] = ['top', 'dig'];

function zonesOf(place: Place, spots: readonly WeakSpot[]): WeakSpot[] {
  return place.zones.flatMap((zone) =>
    wideKinds.flatMap((kind): WeakSpot[] => {
      const walls = wallsFor(place, zone, kind);
      const own = spots.filter(({ spot, bay }) => spot.kind === kind && walls.includes(bay));
      const [first] = own;
      if (!first) return [];
      const parts = own.flatMap((it) => it.parts);
      return [
        {
          ...weakSpot(place, first.bay, { kind, item: zone.id }, parts),
          zone: weakZone(zone, walls),
        },
      ];
    }),
  );
}

/** Where strands stand and what they turn back gets by all the same. */
function linesOf(place: Place, spots: readonly WeakSpot[]): WeakSpot[] {
  const { fence } = place;
  const strung = allBays(place)
    .map(({ bay }) => bay)
    .filter(hasWire);
  if (!fence || strung.length === 0) return firstLineOf(place, spots);
  const each = strung.flatMap((bay): WeakSpot[] => {
    const parts = spots
      .filter((it) => it.bay === bay && it.spot.kind !== 'strand')
      .flatMap((it) => it.parts)
      .filter(({ attack, animal }) => isCovered(attack, bay, 'worst') && animals[animal].shocked);
    return parts.length === 0
      ? []
      : [weakSpot(place, bay, { kind: 'strand', item: bay.id }, parts)];
  });
  const [first] = each;
  if (!first) return [];
  const parts = each.flatMap((it) => it.parts);
  const line = weakSpot(place, first.bay, { kind: 'fence', item: fence.id }, parts);
  const wants = lineWants(place);
  return [...each, { ...line, along: strung, ...(wants && { line: wants }) }];
}

/** Where no line is: all outer walls on the ground, against what gets by them on foot and minds a shock. */
function firstLineOf(place: Place, spots: readonly WeakSpot[]): WeakSpot[] {
  const along = lineBays(place);
  const parts = spots
    .filter(({ bay }) => along.includes(bay))
    .flatMap((it) => it.parts)
    .filter(({ attack, animal }) => isOnFoot(attack) && animals[animal].shocked);
  const [first] = along;
  if (!first || parts.length === 0) return [];
  return [{ ...weakSpot(place, first, firstLineSpot(place), parts), along }];
}
