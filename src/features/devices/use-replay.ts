/** A week of one stand-in, taken in piece by piece while the page is open. */
import { useEffect, useRef, useState } from 'react';
import type { Device } from '@/core/place/device';
import { daysLater } from '@/core/schema/day';
import { midnightOf } from '@/store/local-clock';
import { useDeviceReadings } from '@/store/use-device-readings';
import { notSavedWords } from '@/words/not-saved-words';
import { devicesText } from '@/words/screens/devices';
import { minutesInWeek, playedBetween } from './played-devices';

export const speeds = ['hour', 'day', 'all'] as const;
export type Speed = (typeof speeds)[number];

/** Minutes of the week in a second. */
const minutesOf: Readonly<Record<Speed, number>> = { hour: 60, day: 1440, all: minutesInWeek };
const second = 1000;

export interface Replay {
  /** Of whom; how far it is in its week, minutes; records kept of it so far. */
  readonly name: string;
  readonly minute: number;
  readonly kept: number;
  readonly state: 'idle' | 'playing' | 'over';
  /** What stopped it, in a sentence. */
  readonly trouble?: string;
}

const idle: Replay = { name: '', minute: 0, kept: 0, state: 'idle' };

/** The week that ended yesterday: nothing of it is still to come. */
export function useReplay(today: string) {
  const take = useDeviceReadings();
  const [replay, setReplay] = useState<Replay>(idle);
  // Another one, or leaving the page, ends the one before.
  const running = useRef({ isOn: false });
  useEffect(() => () => void (running.current.isOn = false), []);
  const play = async (played: string, device: Device, speed: Speed) => {
    running.current.isOn = false;
    const own = { isOn: true };
    running.current = own;
    const begins = midnightOf(daysLater(today, -7));
    let now: Replay = { name: device.name, minute: 0, kept: 0, state: 'playing' };
    const show = (change: Partial<Replay>) => {
      now = { ...now, ...change };
      if (own.isOn) setReplay(now);
    };
    show({});
    try {
      while (own.isOn && now.minute < minutesInWeek) {
        if (now.minute > 0) await new Promise((resolve) => setTimeout(resolve, second));
        const to = Math.min(minutesInWeek, now.minute + minutesOf[speed]);
        const readings = await playedBetween(played, begins, now.minute, to).catch(() => undefined);
        if (!readings) return show({ state: 'idle', trouble: devicesText.unreachable });
        if (!own.isOn) return;
        const { entries } = await take(device, readings);
        show({ minute: to, kept: now.kept + entries });
      }
      show({ state: 'over' });
    } catch (error) {
      show({ state: 'idle', trouble: notSavedWords(error) });
    }
  };
  const stop = () => {
    running.current.isOn = false;
    setReplay(idle);
  };
  return { ...replay, play, stop };
}
