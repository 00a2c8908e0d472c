/** What devices said, kept as records of the open place: one step, that can be taken back. */
import { useQueryClient } from '@tanstack/react-query';
import isDeepEqual from 'fast-deep-equal';
import { useCallback } from 'react';
import type { DeviceReading } from '@/core/devices/device-reading';
import { recordsFrom } from '@/core/devices/records-from';
import { reviewMends } from '@/core/mends/review';
import type { Device } from '@/core/place/device';
import { nextStamp } from '@/core/walk/stamp';
import { changeYard } from './change-yard';
import { localClock } from './local-clock';

/** How many records were new, or say something else than they did. */
export interface Taken {
  readonly entries: number;
}

export function useDeviceReadings() {
  const client = useQueryClient();
  return useCallback(
    async (device: Device, readings: readonly DeviceReading[]): Promise<Taken> => {
      let taken = 0;
      await changeYard(
        client,
        ({ place, walks, mends, sightings }) => {
          const records = recordsFrom(place, sightings, device, readings, localClock);
          const entries = records.entries.filter((it) => !isThere(sightings, it));
          const read = records.walks.filter((it) => !isThere(walks, it));
          taken = entries.length + read.length;
          if (taken === 0) return {};
          const ids = new Set(read.map(({ id }) => id));
          const after = [...walks.filter(({ id }) => !ids.has(id)), ...read];
          const at = nextStamp({ walks: after, mends }, new Date());
          const moved = read[0] ? reviewMends(place, after, mends, at, read[0].id) : [];
          return { sightings: entries, walks: read, mends: moved };
        },
        'device-readings',
      );
      return { entries: taken };
    },
    [client],
  );
}

/** As it is kept, but for when it was written. */
function isThere<T extends { readonly id: string; readonly written?: unknown }>(
  kept: readonly T[],
  one: T,
): boolean {
  const known = kept.find(({ id }) => id === one.id);
  if (!known) return false;
  const { written: _, ...said } = known;
  return isDeepEqual(said, JSON.parse(JSON.stringify(one)));
}
