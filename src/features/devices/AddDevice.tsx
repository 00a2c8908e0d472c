/** A device by its kind; where it is is said on its own row. */
import { StyleSheet, View } from 'react-native';
import { deviceKinds } from '@/core/place/device';
import type { Edit } from '@/features/edit/use-edit';
import { newId } from '@/store/ids';
import { Button } from '@/ui/controls/Button';
import { Part } from '@/ui/controls/Part';
import { space } from '@/ui/theme/tokens';
import { devicesText } from '@/words/screens/devices';
import { placed, withDevice } from './where-it-is';

export function AddDevice({ edit }: { readonly edit: Edit }) {
  return (
    <Part title={devicesText.add}>
      <View style={styles.kinds}>
        {deviceKinds.map((kind) => (
          <Button
            key={kind}
            look="plain"
            label={devicesText.kindName(kind)}
            onPress={() =>
              void edit.change('a-device', (it) =>
                withDevice(
                  it,
                  placed(it, { id: newId('dev'), kind, name: devicesText.kindName(kind) }),
                ),
              )
            }
          />
        ))}
      </View>
    </Part>
  );
}

const styles = StyleSheet.create({ kinds: { gap: space.s } });
