/** What was read of a file: how much, what was refused and why, for which device; taken in, or left. */
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { ReadRows } from '@/core/devices/read-table';
import type { Device, DeviceKind } from '@/core/place/device';
import type { Place } from '@/core/place/place';
import type { Edit } from '@/features/edit/use-edit';
import { newId } from '@/store/ids';
import { useDeviceReadings } from '@/store/use-device-readings';
import { Button } from '@/ui/controls/Button';
import { Notice } from '@/ui/controls/Notice';
import { Picker } from '@/ui/controls/Picker';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';
import { notSavedWords } from '@/words/not-saved-words';
import { devicesText } from '@/words/screens/devices';
import { placed, whereabouts, withDevice } from './where-it-is';

interface Props {
  readonly place: Place;
  readonly kind: DeviceKind;
  readonly name: string;
  readonly read: ReadRows;
  readonly edit: Edit;
  readonly onTaken: (records: number) => void;
  readonly onLeave: () => void;
}

/** Of refused rows as many are shown as tell what kind of slip it is. */
const shown = 5;
const fresh = 'new';

export function TakeIn({ place, kind, name, read, edit, onTaken, onLeave }: Props) {
  const take = useDeviceReadings();
  const known = (place.devices ?? []).filter((it) => it.kind === kind);
  const [chosen, setChosen] = useState<string>(known[0]?.id ?? fresh);
  const [where, setWhere] = useState<string>();
  const [trouble, setTrouble] = useState<string>();
  const { readings, refused, twice } = read;
  const stamps = readings.map(({ at }) => at).sort();
  const [first, last] = [stamps[0], stamps.at(-1)];
  const device = known.find(({ id }) => id === chosen);
  const places = whereabouts(place, kind);
  const one = placed(place, { id: '', kind, name, ...(where !== undefined && { at: where }) });
  const isPlaced = (device ?? one).at !== undefined;
  const takeIn = async () => {
    const to: Device = device ?? { ...one, id: newId('dev') };
    if (!device && !(await edit.change('a-device', (it) => withDevice(it, to)))) return;
    const { entries } = await take(to, readings);
    onTaken(entries);
  };
  return (
    <View style={styles.box}>
      <Txt kind="strong">{devicesText.found(readings.length, refused.length, twice)}</Txt>
      {first !== undefined && last !== undefined && (
        <Txt tone="ink2">{devicesText.between(first, last)}</Txt>
      )}
      {refused.slice(0, shown).map(({ row, problem, text }) => (
        <Txt key={row} kind="small" tone="open">
          {devicesText.refusedRow(row, problem, text)}
        </Txt>
      ))}
      {refused.length > shown && (
        <Txt kind="small" tone="open">
          {devicesText.moreRefused(refused.length - shown)}
        </Txt>
      )}
      <Picker
        label={devicesText.forWhich}
        options={[
          ...known.map((it) => [it.id, it.name] as const),
          [fresh, devicesText.aNewOne] as const,
        ]}
        value={chosen}
        none={devicesText.aNewOne}
        onChange={setChosen}
      />
      {!device && (
        <Picker
          label={devicesText.where(kind)}
          options={places}
          value={one.at}
          none={devicesText.whereUnsaid(kind)}
          onChange={setWhere}
        />
      )}
      {trouble && <Notice>{trouble}</Notice>}
      <Button
        label={devicesText.takeIn(readings.length)}
        disabled={readings.length === 0 || (kind === 'door' && !isPlaced)}
        onPress={() => void takeIn().catch((error: unknown) => setTrouble(notSavedWords(error)))}
      />
      <Button look="plain" label={devicesText.leaveIt} onPress={onLeave} />
    </View>
  );
}

const styles = StyleSheet.create({ box: { gap: space.s } });
