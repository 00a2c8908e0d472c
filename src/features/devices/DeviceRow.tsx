/** A device: what it is called, where it is, when it was last heard of. */
import { StyleSheet, View } from 'react-native';
import type { Device } from '@/core/place/device';
import type { Place } from '@/core/place/place';
import type { LogEntry } from '@/core/records/sighting';
import { TextField } from '@/features/edit/TextField';
import type { Edit } from '@/features/edit/use-edit';
import { Button } from '@/ui/controls/Button';
import { Picker } from '@/ui/controls/Picker';
import { Txt } from '@/ui/controls/Txt';
import { color, space } from '@/ui/theme/tokens';
import { devicesText } from '@/words/screens/devices';
import { whereabouts, withDevice } from './where-it-is';

interface Props {
  readonly device: Device;
  /** As found. */
  readonly place: Place;
  readonly log: readonly LogEntry[];
  readonly edit: Edit;
}

export function DeviceRow({ device, place, log, edit }: Props) {
  const { id, kind, name, at } = device;
  const set = (change: Partial<Device>) =>
    void edit.change('a-device', (it) => {
      const now = it.devices?.find((each) => each.id === id) ?? device;
      return withDevice(it, { ...now, ...change });
    });
  const heard = lastHeard(device, log);
  return (
    <View role="group" aria-label={name} style={styles.row}>
      <Txt kind="strong">{devicesText.kindName(kind)}</Txt>
      <TextField
        label={devicesText.whatItIsCalled}
        text={name}
        most={80}
        onChange={(next) => set({ name: next })}
      />
      <Picker
        label={devicesText.where(kind)}
        options={whereabouts(place, kind)}
        value={at}
        none={devicesText.whereUnsaid(kind)}
        onChange={(next) => set({ at: next })}
      />
      <View style={styles.foot}>
        <Txt tone="ink2" style={styles.heard}>
          {heard === undefined ? devicesText.notHeard : devicesText.heard(heard)}
        </Txt>
        <Button
          look="plain"
          label={devicesText.takeOut(name)}
          onPress={() =>
            void edit.change('a-device', ({ devices = [], ...it }) => ({
              ...it,
              devices: devices.filter((one) => one.id !== id),
            }))
          }
        />
      </View>
    </View>
  );
}

/** The latest of what it said, ISO 8601; a day, where no hour is kept. */
function lastHeard({ id }: Device, log: readonly LogEntry[]): string | undefined {
  return log
    .flatMap((it) => {
      if (!it.id.startsWith(`${id}-`)) return [];
      return it.what === 'monitor-day' || it.what === 'evening' ? it.at : it.date;
    })
    .sort()
    .at(-1);
}

const styles = StyleSheet.create({
  row: {
    gap: space.s,
    paddingBottom: space.m,
    borderBottomWidth: 1,
    borderBottomColor: color.hairline,
  },
  foot: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: space.s },
  heard: { flexGrow: 1 },
});
