/** How the battery of the line has come along by all that was read of it. */
import { useMemo } from 'react';
import { batteryTrend, type BatteryTrend } from '@/core/fence/battery-trend';
import { batteryReadings } from '@/core/records/apply-readings';
import type { Yard } from '@/store/records';
import { useToday } from '@/store/use-today';

/** `undefined` until it has been read often enough. */
export function useBatteryTrend({ place, walks }: Yard): BatteryTrend | undefined {
  const today = useToday();
  return useMemo(() => {
    const kind = place.fence?.line?.energizer.battery?.kind;
    return kind && batteryTrend(kind, batteryReadings(place, walks), today);
  }, [place, walks, today]);
}
