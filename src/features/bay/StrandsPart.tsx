/** Electric strands along this bay. */
import { StyleSheet, View } from 'react-native';
import { addStrand, dropStrand } from '@/core/place/edit/ground';
import { reachOf } from '@/core/place/edit/alike';
import { touching, type Touching } from '@/core/tables/shocking';
import { LengthField } from '@/features/edit/LengthField';
import { newId } from '@/store/use-changes';
import { Button } from '@/ui/controls/Button';
import { Notice } from '@/ui/controls/Notice';
import { Part } from '@/ui/controls/Part';
import { Picker } from '@/ui/controls/Picker';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';
import { touchingNames } from '@/words/names';
import { chosen, lengthOf, saidChoice, saidLength, type BayParts } from './bay-edit';

const highest = 2500;
const farthest = 1000;

export function StrandsPart({ place, bay, found, edit, change }: BayParts) {
  const { units } = place;
  const all = [bay.id, ...reachOf(place, bay.id).walls];
  const string = (ids: readonly string[]) =>
    edit.change('strand', (it) => addStrand(it, ids, newId));
  return (
    <Part title="Electric strands">
      {found.strands.length === 0 && <Txt tone="ink2">None along this bay.</Txt>}
      {found.strands.map((strand, index) => (
        <View key={strand.id} style={styles.strand}>
          <View style={styles.row}>
            <View style={styles.half}>
              <LengthField
                label={`Strand ${index + 1}, height`}
                {...lengthOf(strand.height)}
                units={units}
                longest={highest}
                onChange={(it) =>
                  edit.say('the-strand', saidLength(strand.id, 'strand.height', it))
                }
              />
            </View>
            <View style={styles.half}>
              <LengthField
                label="From the wall"
                {...lengthOf(strand.standOff)}
                units={units}
                longest={farthest}
                onChange={(it) =>
                  edit.say('the-strand', saidLength(strand.id, 'strand.standOff', it))
                }
              />
            </View>
          </View>
          <Picker
            label="What touches it"
            options={touching.map((it) => [it, touchingNames[it][0]] as const)}
            value={chosen<Touching>(strand.touching)}
            none="not looked at"
            onChange={(it) =>
              edit.say('what-touches-it', saidChoice(strand.id, 'strand.touching', it))
            }
          />
          <Button
            look="key"
            label={`Take strand ${index + 1} away`}
            onPress={() => change('taking-a-strand-away', (it) => dropStrand(it, strand.id))}
          />
        </View>
      ))}
      <View style={styles.row}>
        <Button
          look="plain"
          label="A strand along this bay"
          onPress={() => string([bay.id])}
          style={styles.half}
        />
        <Button
          look="plain"
          label="All the way round"
          onPress={() => string(all)}
          style={styles.half}
        />
      </View>
      <Notice tone="hours">
        Only from a listed energizer, by its own instructions and local rules, with warning signs;
        never two on one fence, never the mains.
      </Notice>
    </Part>
  );
}

const styles = StyleSheet.create({
  strand: { gap: space.m },
  row: { flexDirection: 'row', gap: space.s },
  half: { flex: 1, minWidth: 0 },
});
