/** Where a device of a kind can be: what it would tell about, with its name. */
import type { Device, DeviceKind } from '@/core/place/device';
import { allBays } from '@/core/place/find';
import type { Place } from '@/core/place/place';
import { doorsOfRound } from '@/core/nights/shutters';
import { capital } from '@/words/names';
import { devicesText } from '@/words/screens/devices';

export function whereabouts(
  place: Place,
  kind: DeviceKind,
): readonly (readonly [string, string])[] {
  const bays = allBays(place).map(({ bay }) => bay);
  switch (kind) {
    case 'fence-monitor':
      return [
        ...(place.fence ? [[place.fence.id, devicesText.farEnd] as const] : []),
        ...bays.flatMap(({ name, strands: [first] }) => (first ? [[first.id, name] as const] : [])),
      ];
    case 'door':
      return doorsOfRound(place).map(({ id, name }) => [id, capital(name)] as const);
    case 'camera':
      return bays.map(({ id, name }) => [id, name] as const);
  }
}

/** A device without a place of its own goes to the only one there is. */
export function placed(place: Place, device: Device): Device {
  const [first, second] = whereabouts(place, device.kind);
  return device.at === undefined && first && (!second || device.kind !== 'camera')
    ? { ...device, at: first[0] }
    : device;
}

/** The place with a device added, or changed. */
export function withDevice(place: Place, device: Device): Place {
  const { devices = [] } = place;
  const isThere = devices.some(({ id }) => id === device.id);
  return {
    ...place,
    devices: isThere
      ? devices.map((it) => (it.id === device.id ? device : it))
      : [...devices, device],
  };
}
