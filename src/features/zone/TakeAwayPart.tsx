/** Takes a zone away. Where birds sleep in it, it is asked first where they will. */
import { zoneText } from '@/words/screens/zone';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { dropZone } from '@/core/place/edit/zones';
import { outside, type Place, type Zone } from '@/core/place/place';
import type { Edit } from '@/features/edit/use-edit';
import { newId } from '@/store/ids';
import { Button } from '@/ui/controls/Button';
import { Choice } from '@/ui/controls/Choice';
import { space } from '@/ui/theme/tokens';

interface Props {
  readonly place: Place;
  readonly zone: Zone;
  readonly edit: Edit;
}

export function TakeAwayPart({ place, zone, edit }: Props) {
  const [asking, setAsking] = useState(false);
  const sleepers = place.flock.filter(({ sleeps }) => sleeps === zone.id);
  const take = (sleeps: string) =>
    edit.change({ kind: 'taking-away', of: zone.name }, (it) =>
      dropZone(it, zone.id, newId, sleeps),
    );
  const others = place.zones.filter(({ id }) => id !== zone.id);
  return (
    <View style={styles.part}>
      <Button
        look="warn"
        label={zoneText.thereIsNoTakeIt(zone.name)}
        onPress={() => (sleepers.length > 0 ? setAsking(true) : take(outside))}
      />
      {asking && (
        <Choice
          label={zoneText.whereDoTheySleepThen(sleepers)}
          options={[
            ...others.map(({ id, name }) => [id, name] as const),
            [outside, zoneText.inTheOpen] as const,
          ]}
          value={undefined}
          onChange={take}
        />
      )}
    </View>
  );
}

const styles = StyleSheet.create({ part: { padding: space.l, gap: space.s } });
