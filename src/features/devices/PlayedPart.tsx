/** Stand-ins that the server plays: a week of each, as fast as one likes. */
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Device } from '@/core/place/device';
import type { Place } from '@/core/place/place';
import type { Edit } from '@/features/edit/use-edit';
import { Button } from '@/ui/controls/Button';
import { Choice } from '@/ui/controls/Choice';
import { Notice } from '@/ui/controls/Notice';
import { Part } from '@/ui/controls/Part';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';
import { devicesText } from '@/words/screens/devices';
import { listPlayed, type Played } from './played-devices';
import { speeds, useReplay, type Speed } from './use-replay';
import { placed, withDevice } from './where-it-is';

interface Props {
  readonly place: Place;
  readonly today: string;
  readonly edit: Edit;
}

export function PlayedPart({ place, today, edit }: Props) {
  const { data: played = [] } = useQuery({
    queryKey: ['played-devices'],
    queryFn: listPlayed,
    networkMode: 'always',
  });
  const [speed, setSpeed] = useState<Speed>('day');
  const replay = useReplay(today);
  if (played.length === 0) return null;
  const play = async ({ id, kind, name }: Played) => {
    const known = (place.devices ?? []).find((it) => it.id === ownId(id));
    const device: Device = known ?? placed(place, { id: ownId(id), kind, name });
    if (!known && !(await edit.change('a-device', (it) => withDevice(it, device)))) return;
    await replay.play(id, device, speed);
  };
  const { name, minute, kept, state, trouble } = replay;
  return (
    <Part title={devicesText.playedHere}>
      <Txt tone="ink2">{devicesText.playedWhy}</Txt>
      <Choice
        label={devicesText.speed}
        options={speeds.map((it) => [it, devicesText.speedName(it)] as const)}
        value={speed}
        onChange={setSpeed}
      />
      <View style={styles.buttons}>
        {played.map((it) => (
          <Button
            key={it.id}
            look="plain"
            label={devicesText.playIt(it.name)}
            disabled={state === 'playing'}
            onPress={() => void play(it)}
          />
        ))}
      </View>
      {state === 'playing' && (
        <View role="status" style={styles.buttons}>
          <Txt>
            {devicesText.playing(
              name,
              Math.min(7, Math.floor(minute / 1440) + 1),
              Math.floor((minute % 1440) / 60),
            )}
          </Txt>
          <Button label={devicesText.stop} onPress={replay.stop} />
        </View>
      )}
      {state === 'over' && (
        <View role="status">
          <Txt>{devicesText.playedOut(name, kept)}</Txt>
        </View>
      )}
      {trouble !== undefined && <Notice>{trouble}</Notice>}
    </Part>
  );
}

/** A stand-in is one device of a place, however often it is played. */
const ownId = (id: string): string => `played-${id}`;

const styles = StyleSheet.create({ buttons: { gap: space.s } });
